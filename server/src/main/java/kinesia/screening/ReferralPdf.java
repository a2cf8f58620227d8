package kinesia.screening;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import kinesia.core.screening.ReferralSummary;
import kinesia.screening.ReferralController.ReferralView;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** A referral on one A4 page; runs on to another only when there is more to say than fits. */
final class ReferralPdf {
    private static final String FACE = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
    private static final float MARGIN = 56;
    private static final float WIDTH = PDRectangle.A4.getWidth() - 2 * MARGIN;
    private static final float BODY = 10.5f;
    private static final float HEADING = 12.5f;
    private static final float LINE = 1.35f;

    private final PDDocument document;
    private final PDFont font;
    private PDPageContentStream page;
    private float y;

    private ReferralPdf(PDDocument document) throws IOException {
        this.document = document;
        this.font = font();
        this.page = newPage();
    }

    /** The bytes of the document. */
    static byte[] of(ReferralView referral) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle("Referral summary, " + referral.madeOn());
            document.getDocumentCatalog().setLanguage("en");
            ReferralPdf pdf = new ReferralPdf(document);
            pdf.write(referral);
            pdf.page.close();
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void write(ReferralView r) throws IOException {
        ReferralSummary s = r.summary();
        text(17, "Referral summary");
        text(BODY, "To " + r.addressedTo() + ", from " + r.madeBy() + ", " + r.madeOn());
        text(HEADING, r.clientName() + ", born " + r.bornOn());
        text(BODY, "Screened on " + s.screenedOn() + ". " + ReferralSummary.PURPOSE);
        section("What we found", s.findings());
        section("Sore places", s.places());
        section("Measured", s.measured());
        section("What is left out until we hear from you", s.limits());
        section("What we ask", s.questions());
        if (!r.note().isBlank()) {
            section("Note", List.of(r.note()));
        }
    }

    private void section(String title, List<String> lines) throws IOException {
        if (lines.isEmpty()) {
            return;
        }
        y -= 8;
        text(HEADING, title);
        for (String line : lines) {
            text(BODY, line);
        }
    }

    private void text(float size, String text) throws IOException {
        for (String line : wrap(size, drawable(text))) {
            if (y < MARGIN + size) {
                page.close();
                page = newPage();
            }
            y -= size * LINE;
            page.beginText();
            page.setFont(font, size);
            page.newLineAtOffset(MARGIN, y);
            page.showText(line);
            page.endText();
        }
    }

    /** The text with every character that the face cannot draw replaced, so that no name stops a referral. */
    private String drawable(String text) {
        StringBuilder drawn = new StringBuilder();
        text.replaceAll("\\s+", " ").codePoints().forEach(c -> {
            String one = Character.toString(c);
            try {
                font.encode(one);
                drawn.append(one);
            } catch (IOException | IllegalArgumentException e) {
                drawn.append('?');
            }
        });
        return drawn.toString();
    }

    private List<String> wrap(float size, String text) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : List.of(text.split(" ", -1))) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && font.getStringWidth(longer) / 1000 * size > WIDTH) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    private PDPageContentStream newPage() throws IOException {
        PDPage added = new PDPage(PDRectangle.A4);
        document.addPage(added);
        y = PDRectangle.A4.getHeight() - MARGIN;
        return new PDPageContentStream(document, added);
    }

    /** The face that the PDF library ships, embedded as a subset, so that names with accents print anywhere. */
    private PDFont font() throws IOException {
        try (InputStream in = PDFont.class.getResourceAsStream(FACE)) {
            return PDType0Font.load(document, in);
        }
    }
}
