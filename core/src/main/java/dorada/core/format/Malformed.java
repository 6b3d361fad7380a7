package dorada.core.format;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** Why a file can't be read with certainty. */
enum Malformed implements OutcomeId {
    LINE("row", "why"),
    NOT_ASCENDING("frequencySharpHz", "beforeSharpHz"),
    TOO_MANY_POINTS("mostCount"),
    OTHER_PORTS("ending", "portsCount"),
    NO_NUMBER("word"),
    NO_NUMBER_COMMA("word"),
    SWR_BELOW_1,
    UNKNOWN_VERSION("word"),
    HYBRID("word"),
    NO_OPTION("word"),
    PORTS("portsCount"),
    NO_KEYWORD("word"),
    NOT_WHOLE("keyword", "word"),
    PORT,
    CUT_OFF("announcedCount", "foundCount"),
    NOT_CLOSED("word"),
    KEYWORD_OF_VERSION_2("word"),
    OTHER_NUMBERS("expectedCount", "foundCount"),
    OTHER_NUMBERS_OR_PORTS("expectedCount", "foundCount"),
    MORE_POINTS("announcedCount"),
    FIRST_NUMBERS("foundCount"),
    NOISE_NUMBERS("foundCount"),
    THIS_IS_NO_REFLECTION,
    A_VALUE_IS_MISSING,
    RETURN_LOSS_CHANGES_ITS_SIGN_FROM,
    A_MAGNITUDE_IS_0_OR_MORE,
    THE_TABLE_HOLDS_NO_MEASURED_POINTS,
    NO_COLUMNS_RE_AND_IM,
    THE_FREQUENCY_COLUMN_DOES_NOT_SAY,
    NO_COLUMN_IS_NAMED_FREQUENCY,
    THE_TABLE_IS_EMPTY,
    THIS_TABLE_CANNOT_BE_READ,
    A_FREQUENCY_MUST_BE_ABOVE_0,
    THIS_VALUE_CANNOT_BE_TURNED_INTO,
    TWO_PORT_DATA_ORDER_IS_MISSING,
    NUMBER_OF_FREQUENCIES_IS_MISSING_BEFORE,
    NUMBER_OF_PORTS_IS_MISSING_BEFORE,
    AN_OPTION_LINE_SUCH_AS_MHZ,
    REFERENCE_NAMES_FEWER_RESISTANCES_THAN_THERE,
    REFERENCE_NAMES_MORE_RESISTANCES_THAN_THERE,
    MIXED_MODE_PARAMETERS_DO_NOT_DESCRIBE,
    NUMBER_OF_PORTS_MUST_COME_BEFORE,
    MATRIX_FORMAT_MUST_BE_FULL,
    TWO_PORT_DATA_ORDER_MUST_BE,
    NUMBER_OF_FREQUENCIES_MUST_BE_1,
    THE_REFERENCE_RESISTANCE_MUST_BE_ABOVE,
    VERSION_1_HAS_ONE_REFERENCE_RESISTANCE,
    THE_REFERENCE_RESISTANCE_AFTER_R_IS,
    VERSION_MUST_COME_BEFORE_EVERYTHING_BUT,
    AN_ADAPTERS_FILE_HOLDS_S_PARAMETERS,
    THIS_IS_A_ONE_PORT_FILE,
    OF_7_NUMBERS_BELONG_TO_A_FILE,
    NETWORK_DATA_MUST_COME_BEFORE_THE,
    THIS_IS_NOT_A_TEXT_FILE,
    THE_FILE_ENDS_HERE_IN_THE,
    THE_FILE_HOLDS_NO_MEASURED_POINTS,
    THE_FILE_HAS_NO_OPTION_LINE;

    private final List<String> takes;

    Malformed(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.file";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
