package dorada.server.paper;

import java.util.Locale;

/** A length as the reader's tape has it, with the other unit behind it. */
enum Lengths {
    MM,
    IN;

    private static final double INCH_M = 0.0254;

    String of(double metres) {
        String mm = String.format(Locale.ROOT, "%.0f mm", metres * 1000);
        String inches = String.format(Locale.ROOT, "%.2f in", metres / INCH_M);
        return this == MM ? "%s (%s)".formatted(mm, inches) : "%s (%s)".formatted(inches, mm);
    }

    /** With its sign: what was changed. */
    String change(double metres) {
        return (metres < 0 ? "−" : "+") + of(Math.abs(metres));
    }
}
