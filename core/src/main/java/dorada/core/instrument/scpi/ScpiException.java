package dorada.core.instrument.scpi;

/** An error with its number. Source: SCPI-1999, volume 2, chapter 21 (standard error numbers); from memory. */
public final class ScpiException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final int number;

    private ScpiException(int number, String text) {
        super(text);
        this.number = number;
    }

    public int number() {
        return number;
    }

    public static ScpiException syntax() {
        return new ScpiException(-102, "Syntax error");
    }

    public static ScpiException dataType() {
        return new ScpiException(-104, "Data type error");
    }

    public static ScpiException parameterNotAllowed() {
        return new ScpiException(-108, "Parameter not allowed");
    }

    public static ScpiException missingParameter() {
        return new ScpiException(-109, "Missing parameter");
    }

    public static ScpiException undefinedHeader() {
        return new ScpiException(-113, "Undefined header");
    }

    public static ScpiException invalidSuffix() {
        return new ScpiException(-131, "Invalid suffix");
    }

    public static ScpiException settingsConflict(String why) {
        return new ScpiException(-221, "Settings conflict; " + why);
    }

    public static ScpiException outOfRange() {
        return new ScpiException(-222, "Data out of range");
    }

    public static ScpiException illegalValue() {
        return new ScpiException(-224, "Illegal parameter value");
    }

    public static ScpiException noData() {
        return new ScpiException(-230, "Data corrupt or stale");
    }

    public static ScpiException execution(String why) {
        return new ScpiException(-200, "Execution error; " + why);
    }
}
