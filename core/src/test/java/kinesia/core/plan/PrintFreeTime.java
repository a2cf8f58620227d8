package kinesia.core.plan;

import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import kinesia.core.RuleFiles;

/**
 * Counts over ten thousand random clients how many visits use nine tenths of their minutes and which rule leaves time free
 * otherwise, commonest first. Run by {@code ops/print-free}.
 */
public final class PrintFreeTime {
    private static final int CLIENTS = 10_000;

    private PrintFreeTime() {}

    public static void main(String[] args) {
        Planner planner = new Planner(RuleFiles.model(), RuleFiles.methods(), RuleFiles.careWork());
        Map<String, AtomicInteger> why = new ConcurrentHashMap<>();
        AtomicInteger planned = new AtomicInteger();
        AtomicInteger used = new AtomicInteger();
        IntStream.range(0, CLIENTS).parallel().forEach(i -> {
            Plan plan = planner.plan(RandomClientsTest.somebody(new Random(i))).plan();
            if (plan == null) {
                return;
            }
            planned.incrementAndGet();
            if (plan.free() == null) {
                used.incrementAndGet();
            } else {
                String sentence =
                        plan.free().reason().exact().replaceAll("[0-9]+", "N").replaceAll(" A visit of.*", "");
                why.computeIfAbsent(sentence, s -> new AtomicInteger()).incrementAndGet();
            }
        });
        System.out.println(
                CLIENTS + " clients, " + planned + " planned, " + used + " use nine tenths of their minutes");
        Map<Integer, String> sorted = new TreeMap<>(java.util.Comparator.reverseOrder());
        why.forEach((sentence, n) -> sorted.merge(n.get(), sentence, (a, b) -> a + "\n       " + b));
        sorted.forEach((n, sentence) -> System.out.println(n + "  " + sentence));
    }
}
