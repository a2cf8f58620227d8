package kinesia.e2e;

/**
 * A copy of the demo room on the one installation that most tests share: each has its own, so that nobody finds what another
 * left.
 */
final class DemoRoom {
    private static Installation shared;
    private static int copies;

    private final int number;

    private DemoRoom(int number) {
        this.number = number;
    }

    /** A room as the demo begins. */
    static synchronized DemoRoom own() {
        if (shared == null) {
            shared = Installation.withDemo();
            Runtime.getRuntime().addShutdownHook(new Thread(shared::close));
        }
        copies++;
        shared.copyOfDemo(copies);
        return new DemoRoom(copies);
    }

    /** The e-mail that a demo account has here. */
    String email(String demo) {
        return number + "." + demo;
    }

    /** A browser on the first page, nobody signed in. */
    Browser browser() {
        return new Browser(shared.address(), email("trainer@tidewheel.example"));
    }
}
