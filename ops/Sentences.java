import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Sentences of a running installation with demo data, drawn by a fixed seed over its clients and screens. Run as one file by
 * ops/draw-sentences: {@code URL MANY SEED}.
 */
class Sentences {
    private static final Pattern STRING = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"(\\s*:)?");
    private static final Pattern ID = Pattern.compile("\"clientId\":\"([0-9a-f-]{36})\"|\\{\"id\":\"([0-9a-f-]{36})\",\"name\"");
    private static final Pattern KEY = Pattern.compile("\"key\":\"([a-z0-9-]+)\"");
    private static final int FEWEST_WORDS = 4;

    private static final HttpClient HTTP =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    private final String base;
    private final Map<String, String> cookies = new TreeMap<>();
    private final Map<String, TreeSet<String>> said = new TreeMap<>();

    Sentences(String base) {
        this.base = base;
    }

    public static void main(String[] args) throws Exception {
        Sentences sentences = new Sentences(args[0]);
        sentences.look();
        sentences.draw(Integer.parseInt(args[1]), Integer.parseInt(args[2]));
    }

    private void look() throws Exception {
        call("GET", "/api/session", null);
        call("POST", "/api/session", "{\"email\":\"trainer@tidewheel.example\",\"password\":\"tide-wheel-demo\"}");
        call("GET", "/api/session", null);
        String today = keep("today", "GET", "/api/today", null);
        String methods = call("GET", "/api/openapi.json", null);
        List<String> ways = METHODS;
        Matcher id = ID.matcher(today);
        TreeSet<String> clients = new TreeSet<>();
        while (id.find()) {
            clients.add(id.group(1) == null ? id.group(2) : id.group(1));
        }
        int way = 0;
        for (String client : clients) {
            String own = "/api/clients/" + client;
            keep("client", "GET", own + "/next", null);
            keep("client", "GET", own + "/strand", null);
            keep("client", "GET", own + "/limits", null);
            keep("client", "GET", own + "/days", null);
            keep("client", "GET", own + "/strength", null);
            keep("screen", "GET", own + "/screen", null);
            keep("atlas", "GET", "/api/atlas/for?clientId=" + client, null);
            for (int minutes : new int[] {20, 45}) {
                for (int i = 0; i < 3; i++) {
                    String method = ways.get(way++ % ways.size());
                    keep("composer", "POST", "/api/plan/compose", ask(client, method, minutes, "[]"));
                }
            }
            keep("composer", "POST", "/api/plan/compose", ask(client, null, 40, "[\"bench-dip\",\"drag-curl\"]"));
            keep("what if", "POST", "/api/plan/what-if", ask(client, null, 35, "[]"));
            String block = ask(client, null, 40, "[]");
            keep(
                    "weeks",
                    "POST",
                    "/api/plan/block",
                    block.substring(0, block.length() - 1)
                            + ",\"weeks\":6,\"days\":[\"MONDAY\",\"THURSDAY\"],\"lighterWeek\":6,\"newExercises\":false}");
            String asked = ask(client, null, 40, "[]");
            keep(
                    "routine",
                    "POST",
                    "/api/plan/routine",
                    asked.substring(0, asked.length() - 1)
                            + ",\"text\":\"Hammer curl 3x10 8 kg, then lying extension 3x10 6 kg\\nbench dips 3 x 15\",\"chosen\":{}}");
        }
        Matcher session = Pattern.compile("\"sessionId\":\"([0-9a-f-]{36})\"").matcher(today);
        while (session.find()) {
            keep("floor", "GET", "/api/sessions/" + session.group(1), null);
        }
        keep("screen", "GET", "/api/screening/questions", null);
    }

    private static final List<String> METHODS = List.of(
            "preloaded-pairs", "single-drills", "form-first", "bands-only", "blocks-of-three", "seated", "timed-circuit",
            "household", "compound-then-finish", "extension-day", "short-visit", "joint-sparing", "mechanics-led",
            "effort-block", "elbow-sparing-heavy", "hybrids", "low-load-cuff", "alternating-arms");

    private static String ask(String client, String method, int minutes, String pinned) {
        return "{\"clientId\":\"" + client + "\",\"composition\":{" + (method == null ? "" : "\"method\":\"" + method + "\",")
                + "\"minutes\":" + minutes + ",\"pinned\":" + pinned + ",\"banned\":[],\"order\":[]}}";
    }

    /** The sentences of an answer, put to those of its screen. */
    private String keep(String screen, String method, String path, String body) throws Exception {
        String answer = call(method, path, body);
        Matcher strings = STRING.matcher(answer);
        while (strings.find()) {
            String text = strings.group(1).replace("\\\"", "\"").replace("\\n", " ");
            if (strings.group(2) == null && text.split(" ").length >= FEWEST_WORDS) {
                said.computeIfAbsent(screen, k -> new TreeSet<>()).add(text);
            }
        }
        return answer;
    }

    private String call(String method, String path, String body) throws Exception {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(base + path)).header("X-XSRF-TOKEN", cookies.getOrDefault("XSRF-TOKEN", ""));
        if (!cookies.isEmpty()) {
            List<String> all = new ArrayList<>();
            cookies.forEach((k, v) -> all.add(k + "=" + v));
            request.header("Cookie", String.join("; ", all));
        }
        request.method(
                method,
                body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body));
        if (body != null) {
            request.header("Content-Type", "application/json");
        }
        HttpResponse<String> answer = HTTP.send(request.build(), HttpResponse.BodyHandlers.ofString());
        for (String cookie : answer.headers().allValues("Set-Cookie")) {
            String[] pair = cookie.split(";", 2)[0].split("=", 2);
            cookies.put(pair[0], pair[1]);
        }
        if (answer.statusCode() >= 300) {
            System.err.println(answer.statusCode() + " " + method + " " + path);
        }
        return answer.body();
    }

    private void draw(int many, int seed) {
        Random random = new Random(seed);
        said.forEach((screen, all) -> System.out.println("# " + screen + ": " + all.size() + " sentences"));
        Map<String, List<String>> left = new TreeMap<>();
        said.forEach((screen, all) -> {
            List<String> shuffled = new ArrayList<>(all);
            Collections.shuffle(shuffled, random);
            left.put(screen, shuffled);
        });
        TreeSet<String> drawn = new TreeSet<>();
        while (drawn.size() < many && left.values().stream().anyMatch(l -> !l.isEmpty())) {
            for (Map.Entry<String, List<String>> screen : left.entrySet()) {
                if (!screen.getValue().isEmpty() && drawn.size() < many) {
                    String one = screen.getValue().remove(screen.getValue().size() - 1);
                    if (drawn.add(one)) {
                        System.out.println(screen.getKey() + " | " + one);
                    }
                }
            }
        }
    }
}
