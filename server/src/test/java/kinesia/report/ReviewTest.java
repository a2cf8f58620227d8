package kinesia.report;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.ServerTest;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Two finished blocks of the demo, one better and one honest; a review is kept once and printed whole. */
@ServerTest
class ReviewTest {
    @Autowired
    private Caller caller;

    private JsonNode reviews(String name) throws Exception {
        return caller.asTrainer()
                .get("/api/clients/" + caller.clientId(name) + "/reviews")
                .body();
    }

    @Test
    void the_demo_has_one_block_that_helped_and_one_not_beyond_error() throws Exception {
        JsonNode maren = reviews("Maren Oldvik").at("/reviews/0/compared");
        assertThat(maren.at("/proposal/words").asText()).startsWith("Go on");
        assertThat(maren.at("/lines/0/change").asText()).isEqualTo("BETTER");
        JsonNode tobias = reviews("Tobias Fenn").at("/reviews/0/compared");
        assertThat(tobias.at("/proposal/words").asText()).startsWith("Not beyond measuring error");
        assertThat(reviews("Maren Oldvik").at("/painless").toString()).isEqualTo("[\"LEFT\"]");
    }

    @Test
    void a_review_is_compared_kept_once_and_refused_at_its_field() throws Exception {
        String path = "/api/clients/" + caller.asTrainer().clientId("Maren Oldvik") + "/reviews/";
        ObjectNode said = Caller.json();
        var activities = said.putArray("activities");
        for (String name :
                new String[] {"pulling the big bell", "lifting the kettle down", "carrying two water cans"}) {
            activities.addObject().put("name", name).put("score", 9);
        }
        for (String none : new String[] {"curls", "girth", "grip"}) {
            said.putObject(none);
        }
        said.put("decision", "a lighter block");
        assertThat(caller.post(path + "compared", said).at("/result/lines")).isNotEmpty();
        UUID id = UUID.randomUUID();
        assertThat(caller.put(path + id, said).at("/reviews")).hasSize(3);
        assertThat(caller.put(path + id, said).at("/reviews")).hasSize(3);
        said.put("decision", " ");
        assertThat(caller.put(path + UUID.randomUUID(), said)
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("decision");
        activities.remove(0);
        said.put("decision", "x");
        assertThat(caller.put(path + UUID.randomUUID(), said)
                        .at("/fields/0/field")
                        .asText())
                .endsWith("activities");
    }

    @Test
    void it_prints_whole_on_either_paper_tagged_and_with_the_longest_words() throws Exception {
        String client = "/api/clients/" + caller.asTrainer().clientId("Maren Oldvik") + "/reviews/";
        String word = "Glockenturmtreppenhausgeländerreparaturwerkzeugkasten"
                .repeat(2)
                .substring(0, 78);
        ObjectNode said = Caller.json();
        var activities = said.putArray("activities");
        activities.addObject().put("name", word).put("score", 3);
        activities.addObject().put("name", "b").put("score", 3);
        activities.addObject().put("name", "c").put("score", 3);
        for (String none : new String[] {"curls", "girth", "grip"}) {
            said.putObject(none);
        }
        said.put("decision", "Ω — и more " + "words ".repeat(60));
        UUID id = UUID.randomUUID();
        assertThat(caller.put(client + id, said).status()).isEqualTo(200);
        for (String paper : new String[] {"", "?paper=LETTER"}) {
            try (PDDocument pdf = Loader.loadPDF(caller.bytes(client + id + "/pdf" + paper))) {
                PDRectangle size = pdf.getPage(0).getMediaBox();
                assertThat(size.getWidth())
                        .isEqualTo((paper.isEmpty() ? PDRectangle.A4 : PDRectangle.LETTER).getWidth());
                assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
                assertThat(pdf.getDocumentCatalog().getStructureTreeRoot().getKids())
                        .isNotEmpty();
                assertThat(pdf.getDocumentCatalog().getLanguage()).isEqualTo("en");
                for (PDPage page : pdf.getPages()) {
                    page.getResources().getFontNames().forEach(f -> {
                        try {
                            assertThat(page.getResources().getFont(f).isEmbedded())
                                    .isTrue();
                        } catch (java.io.IOException e) {
                            throw new java.io.UncheckedIOException(e);
                        }
                    });
                }
                float[] right = {0};
                PDFTextStripper reader = new PDFTextStripper() {
                    @Override
                    protected void writeString(
                            String text, java.util.List<org.apache.pdfbox.text.TextPosition> positions) {
                        positions.forEach(p -> right[0] = Math.max(right[0], p.getXDirAdj() + p.getWidthDirAdj()));
                    }
                };
                reader.getText(pdf);
                assertThat(right[0]).isLessThanOrEqualTo(size.getWidth() - 50);
                assertThat(new PDFTextStripper().getText(pdf).replaceAll("\\s", ""))
                        .contains(word.substring(0, 20))
                        .contains("Ω—иmore");
            }
        }
    }
}
