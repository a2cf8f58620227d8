package kinesia.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import kinesia.shared.Caller;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Clients from a table: looked at first, all of them or none, and a second time changes nothing. */
@ServerTest
class ClientImportTest {
    private static final String GOOD = """
            Name,Date of birth,Sex,Height,Weight,Work
            "Oldvik, Berit",1951-04-02,f,163,61,"Says ""never late"", keeps bees"
            Aksel Strand,1960-11-30,male,1.81,"84,5",
            """;

    @Autowired
    private Caller caller;

    private Caller.Answer send(String text, boolean keep) throws Exception {
        return caller.post("/api/imports/clients", Map.of("text", text, "keep", keep));
    }

    @Test
    void a_table_is_read_looked_at_and_brought_in_once() throws Exception {
        caller.asTrainer();
        Caller.Answer look = send(GOOD, false);
        assertThat(look.at("/columns/BORN_ON").asText()).isEqualTo("Date of birth");
        assertThat(look.at("/lines/0/name").asText()).isEqualTo("Oldvik, Berit");
        assertThat(look.at("/lines/1/state").asText()).isEqualTo("NEW");
        assertThat(look.at("/kept").asInt()).isZero();
        assertThat(caller.get("/api/clients").body()).hasSize(10);

        assertThat(send(GOOD, true).at("/kept").asInt()).isEqualTo(2);
        String id = caller.clientId("Oldvik, Berit");
        assertThat(caller.get("/api/clients/" + id).at("/details/statureM").asDouble())
                .isEqualTo(1.63);
        assertThat(caller.get("/api/clients/" + id).at("/details/life").asText())
                .isEqualTo("Says \"never late\", keeps bees");

        Caller.Answer again = send(GOOD, true);
        assertThat(again.at("/kept").asInt()).isZero();
        assertThat(again.at("/lines/0/state").asText()).isEqualTo("KNOWN");
        assertThat(caller.get("/api/clients").body()).hasSize(12);
    }

    @Test
    void one_wrong_line_keeps_all_of_it_out_and_is_named() throws Exception {
        caller.asTrainer();
        String bad = GOOD + "Nils Vik,30.11.1960,m,181,84,\nTove Vik,1955-01-01,f,16,61,\n";
        Caller.Answer look = send(bad, false);
        assertThat(look.at("/lines/2/line").asInt()).isEqualTo(4);
        assertThat(look.at("/lines/2/problems/0").asText()).contains("born on is a day like 1958-04-23");
        assertThat(look.at("/lines/3/problems/0").asText()).contains("statureM");
        assertThat(send(bad, true).status()).isEqualTo(409);
        assertThat(caller.get("/api/clients").body()).hasSize(10);
    }

    @Test
    void a_column_is_chosen_where_its_heading_says_nothing() throws Exception {
        caller.asTrainer();
        String odd = "Wer;Born;Sex;Height;Weight\nBerit;1951-04-02;f;163;61\n";
        assertThat(send(odd, false).at("/missing/0").asText()).isEqualTo("NAME");
        Caller.Answer chosen = caller.post(
                "/api/imports/clients", Map.of("text", odd, "keep", false, "columns", Map.of("NAME", "Wer")));
        assertThat(chosen.at("/missing")).isEmpty();
        assertThat(chosen.at("/lines/0/name").asText()).isEqualTo("Berit");
    }

    @Test
    void a_mass_in_pounds_is_converted_by_its_cell_or_heading_and_another_unit_is_asked_about() throws Exception {
        caller.asTrainer();
        String head = "Name,Born,Sex,Height,Weight";
        assertThat(send(head + "\nAase Holm,1955-01-01,f,166,154 lb\n", true)
                        .at("/kept")
                        .asInt())
                .isEqualTo(1);
        assertThat(mass("Aase Holm")).isEqualTo(69.9);
        assertThat(send(head + " lb\nBodil Holm,1955-01-01,f,166,154\n", true)
                        .at("/kept")
                        .asInt())
                .isEqualTo(1);
        assertThat(mass("Bodil Holm")).isEqualTo(69.9);
        assertThat(send(head + " lb\nCarla Holm,1955-01-01,f,166,70 kg\n", true)
                        .at("/kept")
                        .asInt())
                .isEqualTo(1);
        assertThat(mass("Carla Holm")).isEqualTo(70);
        assertThat(send(head + "\nDagny Holm,1955-01-01,f,166,11 st\n", false)
                        .at("/lines/0/problems/0")
                        .asText())
                .contains("kg or lb", "11 st");
    }

    private double mass(String name) throws Exception {
        return caller.get("/api/clients/" + caller.clientId(name))
                .at("/details/bodyMassKg")
                .asDouble();
    }

    @Test
    void what_is_no_table_is_refused() throws Exception {
        caller.asTrainer();
        assertThat(send("Name,Name\na,b\n", false).status()).isEqualTo(409);
        assertThat(send("Name,Sex\n\"open", false).status()).isEqualTo(409);
    }
}
