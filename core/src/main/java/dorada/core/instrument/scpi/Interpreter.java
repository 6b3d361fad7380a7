package dorada.core.instrument.scpi;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

/**
 * Understands program messages: headers in long and short form, optional nodes, several commands in one line, the common
 * commands of IEEE 488.2 and the error queue. One for each conversation; not for several threads.
 *
 * <p>Source: IEEE 488.2-1992, chapters 7 and 10; SCPI-1999, volume 1, chapters 5 and 6; from memory.
 */
public class Interpreter {

    private static final int MOST_ERRORS = 32;
    private static final int OPERATION_COMPLETE = 1;
    private static final int QUERY_ERROR = 4;
    private static final int DEVICE_ERROR = 8;
    private static final int EXECUTION_ERROR = 16;
    private static final int COMMAND_ERROR = 32;
    private static final int POWER_ON = 128;
    private static final int ERROR_AVAILABLE = 4;
    private static final int EVENT_SUMMARY = 32;

    /** What a header does: returns the answer of a query, or anything for a command. */
    @FunctionalInterface
    public interface Action {
        String run(Arguments arguments);
    }

    private record Node(Keyword keyword, boolean optional) {}

    private record Command(List<Node> path, boolean query, int least, int most, Action action) {}

    private final List<Command> commands = new ArrayList<>();
    private final Deque<String> errors = new ArrayDeque<>();
    private int events = POWER_ON;
    private int eventEnable;
    private int serviceEnable;

    public Interpreter() {
        on("SYSTem:ERRor[:NEXT]?", 0, 0, a -> errors.isEmpty() ? "0,\"No error\"" : errors.poll());
        on("SYSTem:ERRor:COUNt?", 0, 0, a -> Integer.toString(errors.size()));
        on("SYSTem:VERSion?", 0, 0, a -> "1999.0");
        on("*CLS", 0, 0, a -> {
            errors.clear();
            events = 0;
            return "";
        });
        on("*ESR?", 0, 0, a -> {
            int now = events;
            events = 0;
            return Integer.toString(now);
        });
        on("*ESE", 1, 1, a -> {
            eventEnable = a.whole(0, 0, 255);
            return "";
        });
        on("*ESE?", 0, 0, a -> Integer.toString(eventEnable));
        on("*SRE", 1, 1, a -> {
            serviceEnable = a.whole(0, 0, 255);
            return "";
        });
        on("*SRE?", 0, 0, a -> Integer.toString(serviceEnable));
        on(
                "*STB?",
                0,
                0,
                a -> Integer.toString(
                        (errors.isEmpty() ? 0 : ERROR_AVAILABLE) + ((events & eventEnable) == 0 ? 0 : EVENT_SUMMARY)));
        on("*TST?", 0, 0, a -> "0");
    }

    /** Marks *OPC: everything that was begun is over. */
    protected final void operationComplete() {
        events |= OPERATION_COMPLETE;
    }

    /**
     * Adds a header.
     *
     * @param header such as {@code [SENSe:]SWEep:POINts?}: short form in capitals, optional nodes in brackets
     * @param least fewest parameters
     * @param most most parameters
     */
    protected final void on(String header, int least, int most, Action action) {
        boolean query = header.endsWith("?");
        String text = query ? header.substring(0, header.length() - 1) : header;
        List<Node> path = new ArrayList<>();
        // "[SENSe:]SWEep" and "ERRor[:NEXT]" become nodes; a bracket marks its node as optional.
        for (String part : text.replace("[:", ":[").replace(":]", "]:").split(":")) {
            if (!part.isEmpty()) {
                path.add(new Node(Keyword.of(part.replace("[", "").replace("]", "")), part.startsWith("[")));
            }
        }
        commands.add(new Command(path, query, least, most, action));
    }

    /**
     * Takes one line.
     *
     * @return the answers of its queries, separated by semicolons; nothing where there was none
     */
    public final Optional<String> take(String line) {
        List<String> answers = new ArrayList<>();
        List<String> path = List.of();
        for (String unit : split(line, ';')) {
            String text = unit.strip();
            if (text.isEmpty()) {
                continue;
            }
            int end = 0;
            while (end < text.length() && !Character.isWhitespace(text.charAt(end))) {
                end++;
            }
            String header = text.substring(0, end);
            try {
                boolean query = header.endsWith("?");
                String bare = query ? header.substring(0, header.length() - 1) : header;
                List<String> tokens = new ArrayList<>();
                boolean common = bare.startsWith("*");
                if (!common && !bare.startsWith(":")) {
                    tokens.addAll(path);
                }
                for (String token : (bare.startsWith(":") ? bare.substring(1) : bare).split(":", -1)) {
                    tokens.add(token);
                }
                if (!common) {
                    path = List.copyOf(tokens.subList(0, tokens.size() - 1));
                }
                Command command = find(tokens, query);
                Arguments arguments = new Arguments(split(text.substring(end).strip(), ',').stream()
                        .map(String::strip)
                        .toList());
                arguments.requireCount(command.least, command.most);
                String answer = command.action.run(arguments);
                if (query) {
                    answers.add(answer);
                }
            } catch (ScpiException e) {
                remember(e);
            }
        }
        return answers.isEmpty() ? Optional.empty() : Optional.of(String.join(";", answers));
    }

    private void remember(ScpiException e) {
        if (errors.size() >= MOST_ERRORS) {
            errors.pollLast();
            errors.add("-350,\"Queue overflow\"");
        } else {
            errors.add(e.number() + ",\"" + e.getMessage().replace('"', '\'') + "\"");
        }
        int hundreds = -e.number() / 100;
        events |= switch (hundreds) {
            case 1 -> COMMAND_ERROR;
            case 2 -> EXECUTION_ERROR;
            case 4 -> QUERY_ERROR;
            default -> DEVICE_ERROR;
        };
    }

    private Command find(List<String> tokens, boolean query) {
        return commands.stream()
                .filter(c -> c.query == query && matches(c.path, 0, tokens, 0))
                .findFirst()
                .orElseThrow(ScpiException::undefinedHeader);
    }

    private static boolean matches(List<Node> path, int p, List<String> tokens, int t) {
        if (p == path.size()) {
            return t == tokens.size();
        }
        Node node = path.get(p);
        return t < tokens.size() && node.keyword.matches(tokens.get(t)) && matches(path, p + 1, tokens, t + 1)
                || node.optional && matches(path, p + 1, tokens, t);
    }

    /** Splits outside quotes; nothing at all gives an empty list. */
    private static List<String> split(String text, char by) {
        List<String> parts = new ArrayList<>();
        if (text.isEmpty()) {
            return parts;
        }
        StringBuilder part = new StringBuilder();
        char quote = 0;
        for (char c : text.toCharArray()) {
            if (quote == 0 && c == by) {
                parts.add(part.toString());
                part.setLength(0);
                continue;
            }
            if (quote == 0 && (c == '"' || c == '\'')) {
                quote = c;
            } else if (c == quote) {
                quote = 0;
            }
            part.append(c);
        }
        parts.add(part.toString());
        return parts;
    }
}
