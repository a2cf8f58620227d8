package kinesia.shared;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDNumberTreeNode;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkInfo;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDParentTreeValue;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDMarkedContent;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDPropertyList;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.StandardStructureTypes;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import org.apache.pdfbox.util.Matrix;
import org.jspecify.annotations.Nullable;

/**
 * A document to hand out or send: headings, paragraphs and lines of two columns, wrapped and broken so that nothing is cut off,
 * its parts tagged for screen readers, its face embedded.
 */
public final class Letter {
    private static final String FACE = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.UK);
    private static final float MARGIN = 56;
    private static final float TITLE = 17;
    private static final float HEADING = 12.5f;
    private static final float BODY = 10.5f;
    private static final float LINE = 1.35f;
    private static final float GAP = 14;
    // The page's own ink, tide and quiet, so that the eye finds headings and labels first.
    private static final Color INK = new Color(0x17242B);
    private static final Color TIDE = new Color(0x0B5A6B);
    private static final Color QUIET = new Color(0x52616B);
    private static final Color GROUND = new Color(0xB9B5AA);
    private static final Color PAD = new Color(0xDCD9D2);
    private static final Map<String, Color> TONES = Map.of(
            "near", new Color(0x868D91),
            "body", new Color(0xC3C7C9),
            "far", new Color(0xDDDFE0),
            "finger", new Color(0xD6D9DA),
            "muscle", TIDE,
            "hollow", Color.WHITE,
            "band", new Color(0x515B60));
    private static final float FIGURE = 104;
    private static final float FIGURE_WITH_WORDS = FIGURE + 90;

    private final PDDocument document;
    private final PDRectangle size;
    private final PDFont font;
    private final PDStructureTreeRoot root = new PDStructureTreeRoot();
    private final PDStructureElement whole = new PDStructureElement(StandardStructureTypes.DOCUMENT, root);
    private final TreeMap<Integer, COSArray> tagged = new TreeMap<>();
    private PDPage page;
    private PDPageContentStream stream;
    private final Map<Integer, Float> widths = new HashMap<>();
    private float y;
    private Color ink = INK;

    /** The paper it is printed on. */
    public enum Paper {
        A4,
        LETTER;

        private PDRectangle size() {
            return this == A4 ? PDRectangle.A4 : PDRectangle.LETTER;
        }
    }

    /** What writes into it. */
    public interface Writing {
        void into(Letter letter) throws IOException;
    }

    /** A day as it is written out: "14 November 2026". */
    public static String day(LocalDate on) {
        return DAY.format(on);
    }

    private Letter(PDDocument document, Paper paper) throws IOException {
        this.document = document;
        this.size = paper.size();
        try (InputStream in = PDFont.class.getResourceAsStream(FACE)) {
            TrueTypeFont face = new TTFParser().parse(new RandomAccessReadBuffer(in));
            document.registerTrueTypeFontForClosing(face);
            // Joined letters are looked for anew in every line, which takes most of the time of a long record.
            face.setEnableGsub(false);
            font = PDType0Font.load(
                    document, face, true); // embedded as a subset, so that names with accents print anywhere
        }
        root.appendKid(whole);
        newPage();
    }

    /** The bytes of a document with that title. */
    public static byte[] of(String title, Paper paper, Writing writing) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(title);
            document.getDocumentCatalog().setLanguage("en");
            PDViewerPreferences shown = new PDViewerPreferences(new COSDictionary());
            shown.setDisplayDocTitle(true);
            document.getDocumentCatalog().setViewerPreferences(shown);
            Letter letter = new Letter(document, paper);
            writing.into(letter);
            letter.finish();
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Its title, at the top. */
    public void title(String text) throws IOException {
        paragraph(TITLE, StandardStructureTypes.H1, text);
    }

    /** A heading with paragraphs under it; nothing where there are none. */
    public void section(String title, List<String> lines) throws IOException {
        if (lines.isEmpty()) {
            return;
        }
        heading(title);
        for (String line : lines) {
            text(line);
        }
    }

    public void heading(String title) throws IOException {
        y -= 8;
        if (y - 3 * HEADING * LINE < MARGIN) {
            newPage(); // no heading stands alone at the end of a page
        }
        ink = TIDE;
        paragraph(HEADING, StandardStructureTypes.H2, title);
        ink = INK;
    }

    public void text(String text) throws IOException {
        paragraph(BODY, StandardStructureTypes.P, text);
    }

    /** A line of two columns, the first a third of the width. */
    public void pair(String left, String right) throws IOException {
        float third = (width() - GAP) / 3;
        List<String> a = wrap(BODY, third, drawable(left));
        List<String> b = wrap(BODY, width() - GAP - third, drawable(right));
        int rows = Math.max(a.size(), b.size());
        if (y - rows * BODY * LINE < MARGIN) {
            newPage();
        }
        float top = y;
        ink = QUIET;
        lines(BODY, StandardStructureTypes.P, MARGIN, a);
        ink = INK;
        float ended = y;
        y = top;
        lines(BODY, StandardStructureTypes.P, MARGIN + third + GAP, b);
        y = Math.min(ended, y) - 2;
    }

    /** Begins a new page unless a figure, the words before it and two headings fit on this one. */
    public void togetherWithFigure() throws IOException {
        if (y - FIGURE_WITH_WORDS < MARGIN) {
            newPage();
        }
    }

    /** The figure of an exercise at its start, middle and end, side by side, told to who does not see it by {@code words}. */
    public void figure(FigureDrawing.Drawing drawing, String words) throws IOException {
        if (y - FIGURE < MARGIN) {
            newPage();
        }
        begin(StandardStructureTypes.Figure, words);
        float room = (width() - 2 * GAP) / 3;
        float scale = (float) Math.min(room / drawing.width(), (FIGURE - GAP) / drawing.height());
        for (int n = 0; n < drawing.moments().size(); n++) {
            float x = MARGIN + n * (room + GAP) + (room - scale * (float) drawing.width()) / 2;
            // Feet of all three on one line, whatever the height of the frame.
            float foot = y - FIGURE + GAP / 2;
            moment(drawing, drawing.moments().get(n), scale, x, foot);
        }
        stream.endMarkedContent();
        y -= FIGURE;
    }

    private void moment(
            FigureDrawing.Drawing drawing, List<FigureDrawing.Shape> shapes, float scale, float x, float foot)
            throws IOException {
        stream.saveGraphicsState();
        stream.transform(new Matrix(
                scale,
                0,
                0,
                -scale,
                x - scale * (float) drawing.left(),
                foot + scale * (float) (drawing.top() + drawing.height())));
        stream.setLineCapStyle(1);
        stream.setLineJoinStyle(1);
        stream.setStrokingColor(GROUND);
        stream.setLineWidth(0.012f);
        stream.moveTo((float) drawing.left(), (float) drawing.floor());
        stream.lineTo((float) (drawing.left() + drawing.width()), (float) drawing.floor());
        stream.stroke();
        for (FigureDrawing.Thing thing : drawing.things()) {
            stream.setStrokingColor(GROUND);
            stream.setNonStrokingColor(PAD);
            stream.setLineWidth(0.03f);
            trace(thing.points());
            if (thing.points().size() > 2) {
                stream.closePath();
                stream.fillAndStroke();
            } else {
                stream.stroke();
            }
        }
        for (FigureDrawing.Shape shape : shapes) {
            Color tone = TONES.getOrDefault(shape.tone(), INK);
            for (String outline : shape.path().split("Z", -1)) {
                if (outline.isBlank()) {
                    continue;
                }
                List<List<Double>> points = Stream.of(
                                outline.strip().substring(1).split("L", -1))
                        .map(p -> Stream.of(p.strip().split(" ", -1))
                                .map(Double::valueOf)
                                .toList())
                        .toList();
                // A thin edge of paper, so that an arm is told from the trunk behind it.
                stream.setStrokingColor(shape.tone().equals("hollow") ? INK : Color.WHITE);
                stream.setLineWidth(0.02f);
                trace(points);
                stream.closePath();
                stream.stroke();
                stream.setNonStrokingColor(tone);
                trace(points);
                stream.closePath();
                stream.fill();
            }
        }
        stream.restoreGraphicsState();
    }

    private void trace(List<List<Double>> points) throws IOException {
        for (int i = 0; i < points.size(); i++) {
            float px = points.get(i).get(0).floatValue();
            float py = points.get(i).get(1).floatValue();
            if (i == 0) {
                stream.moveTo(px, py);
            } else {
                stream.lineTo(px, py);
            }
        }
    }

    private float width() {
        return size.getWidth() - 2 * MARGIN;
    }

    private void paragraph(float points, String tag, String text) throws IOException {
        List<String> all = wrap(points, width(), drawable(text));
        int from = 0;
        while (from < all.size()) {
            int room = (int) ((y - MARGIN) / (points * LINE));
            if (room < 1) {
                newPage();
                continue;
            }
            int to = Math.min(all.size(), from + room);
            lines(points, tag, MARGIN, all.subList(from, to));
            from = to;
        }
    }

    /** Writes lines that fit on this page, as one part of the document's structure. */
    private void lines(float points, String tag, float x, List<String> lines) throws IOException {
        begin(tag, null);
        stream.setNonStrokingColor(ink);
        for (String line : lines) {
            y -= points * LINE;
            stream.beginText();
            stream.setFont(font, points);
            stream.newLineAtOffset(x, y);
            stream.showText(line);
            stream.endText();
        }
        stream.endMarkedContent();
    }

    /** Begins one part of the document's structure, with words for what is no text. */
    private void begin(String tag, @Nullable String words) throws IOException {
        COSArray ofPage = tagged.get(tagged.lastKey());
        COSDictionary properties = new COSDictionary();
        properties.setInt(COSName.MCID, ofPage.size());
        PDStructureElement part = new PDStructureElement(tag, whole);
        part.setPage(page);
        part.setAlternateDescription(words);
        part.appendKid(new PDMarkedContent(COSName.getPDFName(tag), properties));
        whole.appendKid(part);
        ofPage.add(part.getCOSObject());
        stream.beginMarkedContent(COSName.getPDFName(tag), PDPropertyList.create(properties));
    }

    private void newPage() throws IOException {
        if (stream != null) {
            stream.close();
        }
        page = new PDPage(size);
        page.setStructParents(tagged.size());
        tagged.put(tagged.size(), new COSArray());
        document.addPage(page);
        stream = new PDPageContentStream(document, page);
        y = size.getHeight() - MARGIN;
    }

    private void finish() throws IOException {
        stream.close();
        TreeMap<Integer, PDParentTreeValue> parents = new TreeMap<>();
        tagged.forEach((number, parts) -> parents.put(number, new PDParentTreeValue(parts)));
        PDNumberTreeNode tree = new PDNumberTreeNode(PDParentTreeValue.class);
        tree.setNumbers(parents);
        root.setParentTree(tree);
        root.setParentTreeNextKey(tagged.size());
        document.getDocumentCatalog().setStructureTreeRoot(root);
        PDMarkInfo mark = new PDMarkInfo();
        mark.setMarked(true);
        document.getDocumentCatalog().setMarkInfo(mark);
    }

    /** The text with every character that the face cannot draw replaced, so that no name stops a letter. */
    private String drawable(String text) {
        StringBuilder drawn = new StringBuilder();
        text.replaceAll("\\s+", " ").codePoints().forEach(c -> drawn.appendCodePoint(width(c) < 0 ? '?' : c));
        return drawn.toString();
    }

    private List<String> wrap(float points, float room, String text) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ", -1)) {
            if (!line.isEmpty() && measured(points, line + " " + word) > room) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
            while (measured(points, line.toString()) > room) {
                int fits = fits(points, room, line.toString());
                lines.add(line.substring(0, fits));
                line.delete(0, fits);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    /** How many letters of a word longer than its line go on it: at least one. */
    private int fits(float points, float room, String word) {
        int fits = word.offsetByCodePoints(0, 1);
        while (fits < word.length() && measured(points, word.substring(0, word.offsetByCodePoints(fits, 1))) <= room) {
            fits = word.offsetByCodePoints(fits, 1);
        }
        return fits;
    }

    private float measured(float points, String text) {
        return (float) text.codePoints().mapToDouble(this::width).sum() / 1000 * points;
    }

    /** How wide a character is, thousandths of its size; negative where the face cannot draw it. Asking the face takes its time. */
    private float width(int character) {
        return widths.computeIfAbsent(character, c -> {
            try {
                return font.getStringWidth(Character.toString(c));
            } catch (IOException | IllegalArgumentException e) {
                return -1f;
            }
        });
    }
}
