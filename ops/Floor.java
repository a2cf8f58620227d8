import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Trainers who log sets as fast as they are answered, each with a client and a session of their own. Run as one file by
 * ops/load-test and ops/kill-test: {@code load URL TRAINERS SECONDS PAUSE_MS} prints errors, rate and times, each trainer pausing
 * that long after a set; {@code strangers URL} sends 50 sign-ins of 1 to 15 MB and 150 of unknown people while one trainer looks
 * at pages; {@code kill URL DATA KILLS}
 * kills application and database at random under them and prints what was acknowledged, lost and doubled.
 */
class Floor {
    private static final String TEXT = "\"((?:[^\"\\\\]|\\\\.)*)\"";
    private static final int SEED = 20_261_127;
    // The first half minute after a start is mostly the compiler's.
    private static final int WARM_SECONDS = 30;
    // One for all: each client of this library has threads of its own, which would take the processor from what is measured.
    private static final HttpClient HTTP = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .connectTimeout(Duration.ofSeconds(5))
            .build();

    public static void main(String[] args) throws Exception {
        if (args[0].equals("strangers")) {
            strangers(args[1]);
        } else if (args[0].equals("load")) {
            load(args[1], Integer.parseInt(args[2]), Integer.parseInt(args[3]), Integer.parseInt(args[4]));
        } else {
            kill(args[1], Path.of(args[2]), Integer.parseInt(args[3]));
        }
    }

    /** A set still to be logged. */
    record Todo(String session, String body) {}

    /** One trainer: a sign-in, a client, an open session, and the sets that it has room for. */
    static final class Trainer {
        private final String base;
        private final Map<String, String> cookies = new ConcurrentHashMap<>();
        private final List<String> sessions = new ArrayList<>();
        private final List<Todo> todo = new ArrayList<>();

        Trainer(String base) {
            this.base = base;
        }

        HttpResponse<String> send(String method, String path, String body) throws IOException, InterruptedException {
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path))
                    .timeout(Duration.ofSeconds(20))
                    .header("X-XSRF-TOKEN", cookies.getOrDefault("XSRF-TOKEN", ""));
            if (!cookies.isEmpty()) {
                request.header("Cookie", cookies.entrySet().stream()
                        .map(c -> c.getKey() + "=" + c.getValue())
                        .collect(Collectors.joining("; ")));
            }
            if (body == null) {
                request.method(method, HttpRequest.BodyPublishers.noBody());
            } else {
                request.header("Content-Type", "application/json")
                        .method(method, HttpRequest.BodyPublishers.ofString(body));
            }
            HttpResponse<String> answer = HTTP.send(request.build(), HttpResponse.BodyHandlers.ofString());
            for (String cookie : answer.headers().allValues("Set-Cookie")) {
                String[] said = cookie.split(";", 2)[0].split("=", 2);
                cookies.put(said[0], said[1]);
            }
            return answer;
        }

        private String must(String method, String path, String body) throws Exception {
            HttpResponse<String> answer = send(method, path, body);
            if (answer.statusCode() >= 300) {
                throw new IllegalStateException(method + " " + path + ": " + answer.statusCode() + " " + answer.body());
            }
            return answer.body();
        }

        void signIn() throws Exception {
            must("GET", "/api/session", null);
            must("POST", "/api/session", "{\"email\":\"trainer@tidewheel.example\",\"password\":\"tide-wheel-demo\"}");
            must("GET", "/api/session", null);
        }

        /** A new client who screens clear, and today's session planned. */
        void open(String name) throws Exception {
            String place = first("\"id\":" + TEXT, must("GET", "/api/places", null));
            String client = UUID.randomUUID().toString();
            must("PUT", "/api/clients/" + client, "{\"details\":{\"name\":\"" + name + "\",\"bornOn\":\"1961-04-02\","
                    + "\"sex\":\"FEMALE\",\"statureM\":1.66,\"bodyMassKg\":68,\"hand\":\"RIGHT\",\"goal\":\"KEEP\","
                    + "\"life\":\"keeps bees\",\"story\":{\"visits\":40,\"trainedBefore\":true,\"risesWithoutHands\":true},\"units\":\"KG_CM\",\"visitsPerWeek\":2,"
                    + "\"minutes\":45,\"placeId\":\"" + place + "\",\"cautions\":{},\"dislikes\":[]}}");
            must("PUT", "/api/clients/" + client + "/screens/" + UUID.randomUUID(), clearScreen());
            String session = first("\"sessionId\":" + TEXT, must("PUT", "/api/clients/" + client + "/sessions/" + UUID.randomUUID(),
                    "{\"armsWorkedHarder\":false,\"somethingNew\":false,\"sites\":[]}"));
            sessions.add(session);
            Matcher slots = Pattern.compile("\"exerciseKey\":" + TEXT + ",\"own\"").matcher(must("GET", "/api/sessions/" + session, null));
            List<String> keys = new ArrayList<>();
            while (slots.find()) {
                if (!keys.contains(slots.group(1))) {
                    keys.add(slots.group(1));
                }
            }
            for (int number = 1; number <= 20; number++) {
                for (String side : List.of("", ",\"side\":\"LEFT\"", ",\"side\":\"RIGHT\"")) {
                    for (String key : keys) {
                        todo.add(new Todo(session, "{\"exerciseKey\":\"" + key + "\",\"setNumber\":" + number + side
                                + ",\"load\":{\"kg\":4,\"label\":\"4 kg\"},\"reps\":10,\"effort\":7,\"pain\":0,\"faults\":[]}"));
                    }
                }
            }
        }

        private String clearScreen() throws Exception {
            String questions = must("GET", "/api/screening/questions", null);
            StringBuilder flags = new StringBuilder();
            for (String list : List.of("gates", "flags")) {
                for (String id : ids(questions, list)) {
                    flags.append(flags.length() == 0 ? "" : ",").append('"').append(id).append("\":{\"present\":false}");
                }
            }
            StringBuilder cautions = new StringBuilder();
            for (String id : ids(questions, "cautions")) {
                cautions.append(cautions.length() == 0 ? "" : ",").append('"').append(id).append("\":false");
            }
            return "{\"flags\":{" + flags + "},\"readiness\":{\"regularlyActive\":true,\"knownDisease\":false,\"symptoms\":false,\"changedSinceClearance\":false},"
                    + "\"pressure\":{\"concern\":false,\"readings\":[{\"systolic\":124,\"diastolic\":76,\"pulse\":68,"
                    + "\"newlyIrregular\":false}]},\"cautions\":{" + cautions
                    + "},\"details\":{},\"soreSites\":[],\"checks\":[],\"clearances\":[]}";
        }

        /** The ids of the objects in the top-level list {@code name}. */
        private static List<String> ids(String json, String name) {
            int at = json.indexOf("\"" + name + "\":[") + name.length() + 4;
            int depth = 1;
            int end = at;
            while (depth > 0) {
                char c = json.charAt(end++);
                if (c == '"') {
                    while (json.charAt(end) != '"') {
                        end += json.charAt(end) == '\\' ? 2 : 1;
                    }
                    end++;
                }
                depth += c == '[' ? 1 : c == ']' ? -1 : 0;
            }
            Matcher found = Pattern.compile("\"id\":" + TEXT).matcher(json.substring(at, end));
            List<String> ids = new ArrayList<>();
            while (found.find()) {
                ids.add(found.group(1));
            }
            return ids;
        }

        /** Each id of the session's stored sets, as often as it is there. */
        List<String> stored() throws Exception {
            List<String> ids = new ArrayList<>();
            for (String session : sessions) {
                Matcher sets = Pattern.compile("\\{\"id\":" + TEXT + ",\"set\":").matcher(must("GET", "/api/sessions/" + session, null));
                while (sets.find()) {
                    ids.add(sets.group(1));
                }
            }
            return ids;
        }

        HttpResponse<String> log(String id, Todo set) throws IOException, InterruptedException {
            return send("PUT", "/api/sessions/" + set.session() + "/sets/" + id, set.body());
        }
    }

    private static String first(String pattern, String text) {
        Matcher found = Pattern.compile(pattern).matcher(text);
        if (!found.find()) {
            throw new IllegalStateException("no " + pattern + " in " + text);
        }
        return found.group(1);
    }

    private static List<Trainer> trainers(String base, int count, int clients) throws Exception {
        List<Trainer> trainers = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Trainer trainer = new Trainer(base);
            trainer.signIn();
            for (int k = 0; k < clients; k++) {
                trainer.open("Floor " + UUID.randomUUID().toString().substring(0, 8));
            }
            trainers.add(trainer);
        }
        return trainers;
    }

    private static void load(String base, int count, int seconds, int pauseMs) throws Exception {
        List<Trainer> trainers = trainers(base, count, pauseMs > 0 ? 3 : 8);
        run(trainers, WARM_SECONDS, 0, new ArrayList<>());
        List<Long> micros = Collections.synchronizedList(new ArrayList<>());
        long begun = System.nanoTime();
        int errors = run(trainers, seconds, pauseMs, micros);
        double took = (System.nanoTime() - begun) / 1e9;
        Collections.sort(micros);
        System.out.printf("%d trainers for %.0f s, %d ms between the sets of each: %d sets, %d errors, %.0f sets a second, p50 %.0f ms, p95 %.0f ms, longest %.0f ms%n",
                count, took, pauseMs, micros.size(), errors, micros.size() / took,
                micros.get(micros.size() / 2) / 1e3, micros.get(micros.size() * 95 / 100) / 1e3, micros.get(micros.size() - 1) / 1e3);
    }

    private static void strangers(String base) throws Exception {
        Trainer trainer = trainers(base, 1, 1).get(0);
        List<String> pages = List.of("/api/today", "/api/places", "/api/sessions/" + trainer.sessions.get(0));
        for (int i = 0; i < 60; i++) {
            trainer.must("GET", pages.get(i % pages.size()), null);
        }
        Trainer stranger = new Trainer(base);
        stranger.must("GET", "/api/session", null);
        AtomicInteger away = new AtomicInteger(200);
        for (int i = 0; i < 200; i++) {
            String password = i % 4 == 0 ? "x".repeat(1_000_000 * (1 + i * 14 / 196)) : "some wrong password";
            String body = "{\"email\":\"stranger" + i + "@nowhere.example\",\"password\":\"" + password + "\"}";
            Thread thread = new Thread(() -> {
                try {
                    stranger.send("POST", "/api/session", body);
                } catch (IOException | InterruptedException e) {
                    // The connection is closed on who sends megabytes.
                } finally {
                    away.decrementAndGet();
                }
            });
            thread.start();
        }
        List<Long> micros = new ArrayList<>();
        while (away.get() > 0) {
            long begun = System.nanoTime();
            trainer.must("GET", pages.get(micros.size() % pages.size()), null);
            micros.add((System.nanoTime() - begun) / 1_000);
        }
        Collections.sort(micros);
        System.out.printf("50 sign-ins of 1 to 15 MB and 150 unknown ones at once: a trainer's %d pages meanwhile p50 %.0f ms, p95 %.0f ms, longest %.0f ms%n",
                micros.size(), micros.get(micros.size() / 2) / 1e3, micros.get(micros.size() * 95 / 100) / 1e3,
                micros.get(micros.size() - 1) / 1e3);
    }

    private static int run(List<Trainer> trainers, int seconds, int pauseMs, List<Long> micros) throws Exception {
        AtomicInteger errors = new AtomicInteger();
        long end = System.nanoTime() + seconds * 1_000_000_000L;
        List<Thread> threads = new ArrayList<>();
        for (Trainer trainer : trainers) {
            Thread thread = new Thread(() -> {
                while (System.nanoTime() < end && !trainer.todo.isEmpty()) {
                    long begun = System.nanoTime();
                    try {
                        HttpResponse<String> answer = trainer.log(UUID.randomUUID().toString(), trainer.todo.remove(0));
                        if (answer.statusCode() != 200 && errors.incrementAndGet() == 1) {
                            System.err.println("first error: " + answer.statusCode() + " " + answer.body());
                        }
                    } catch (IOException | InterruptedException e) {
                        errors.incrementAndGet();
                    }
                    micros.add((System.nanoTime() - begun) / 1_000);
                    pause(pauseMs);
                }
            });
            thread.start();
            threads.add(thread);
        }
        for (Thread thread : threads) {
            thread.join();
        }
        return errors.get();
    }

    private static void kill(String base, Path data, int kills) throws Exception {
        Random random = new Random(SEED);
        List<Trainer> trainers = trainers(base, 4, 1);
        ConcurrentHashMap<String, Trainer> acknowledged = new ConcurrentHashMap<>();
        ConcurrentHashMap<String, Trainer> refused = new ConcurrentHashMap<>();
        boolean[] over = new boolean[1];
        List<Thread> threads = new ArrayList<>();
        for (Trainer trainer : trainers) {
            Thread thread = new Thread(() -> logUntil(over, trainer, acknowledged, refused));
            thread.start();
            threads.add(thread);
        }
        int application = 0;
        int database = 0;
        for (int i = 0; i < kills; i++) {
            Thread.sleep(300 + random.nextInt(2_500));
            if (random.nextBoolean()) {
                application += killed(data.resolve("app.pid"));
            } else {
                database += killed(data.resolve("postgres/postmaster.pid"));
            }
            awaitAnswer(trainers.get(0));
        }
        over[0] = true;
        for (Thread thread : threads) {
            thread.join();
        }
        int lost = 0;
        int doubled = 0;
        for (Trainer trainer : trainers) {
            List<String> stored = trainer.stored();
            lost += (int) acknowledged.entrySet().stream()
                    .filter(e -> e.getValue() == trainer && !stored.contains(e.getKey()))
                    .count();
            doubled += stored.size() - (int) stored.stream().distinct().count();
        }
        System.out.printf("%d kills (%d of the application, %d of the database): %d sets acknowledged, %d refused, %d lost, %d doubled%n",
                application + database, application, database, acknowledged.size(), refused.size(), lost, doubled);
        System.exit(lost + doubled + refused.size() == 0 ? 0 : 1);
    }

    /** Logs as the page does: the same set under the same id until there is an answer. */
    private static void logUntil(boolean[] over, Trainer trainer, ConcurrentHashMap<String, Trainer> acknowledged,
            ConcurrentHashMap<String, Trainer> refused) {
        while (!over[0] && !trainer.todo.isEmpty()) {
            String id = UUID.randomUUID().toString();
            Todo set = trainer.todo.remove(0);
            while (true) {
                try {
                    int status = trainer.log(id, set).statusCode();
                    if (status == 200) {
                        acknowledged.put(id, trainer);
                        break;
                    }
                    if (status < 500 && status != 401 && status != 403 && status != 429) {
                        refused.put(id, trainer);
                        break;
                    }
                } catch (IOException | InterruptedException e) {
                    // Nobody there: again in a moment.
                }
                pause(200);
            }
            pause(100);
        }
    }

    private static void pause(long ms) {
        try {
            Thread.sleep(ms);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static int killed(Path pidFile) throws Exception {
        if (!Files.exists(pidFile)) {
            return 0;
        }
        String pid = Files.readAllLines(pidFile).get(0).strip();
        return new ProcessBuilder("kill", "-9", pid).start().waitFor() == 0 ? 1 : 0;
    }

    private static void awaitAnswer(Trainer trainer) throws Exception {
        Thread.sleep(400);
        for (int i = 0; i < 1_800; i++) {
            try {
                if (trainer.send("GET", "/api/places", null).statusCode() == 200) {
                    return;
                }
            } catch (IOException e) {
                // Still coming back.
            }
            Thread.sleep(100);
        }
        throw new IllegalStateException("it did not come back within 180 s");
    }
}
