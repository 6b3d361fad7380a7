package dorada.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Requests that a shop makes all day, for trials without a browser. */
final class Shop {

    private static final String INSTALLATION = """
            {"title":"Trial","customer":"","carrier":"VEHICLE","carrierDetail":"","antennaKind":"QUARTER_WAVE_WHIP",
             "antennaDetail":"","oneWay":true,"smallestStepM":0.001,"ratedPowerW":25,"swrCeiling":2,
             "ruleName":"UNDER_LIMIT","limitSwr":1.5,"measuredAt":"RADIO",
             "channels":[{"name":"Low","frequencyHz":150e6,"primary":true},{"name":"Field","frequencyHz":153050000,"primary":false},
                         {"name":"High","frequencyHz":156e6,"primary":false}]}""";

    private Shop() {}

    static String installation() {
        return INSTALLATION;
    }

    static String pass(UUID key, double changeM) {
        return "{\"recording\":{\"requestKey\":\"" + key + "\",\"changeM\":" + changeM
                + ",\"note\":\"\"},\"startHz\":140e6,\"stopHz\":170e6,\"points\":201}";
    }

    static String meterPass(UUID key, double changeM, double swr) {
        return "{\"recording\":{\"requestKey\":\"" + key + "\",\"changeM\":" + changeM
                + ",\"note\":\"\"},\"kind\":\"INLINE_METER\",\"spots\":[" + spot(150e6, swr) + ","
                + spot(153.05e6, swr + 0.2)
                + "," + spot(156e6, swr + 0.5) + "]}";
    }

    private static String spot(double hz, double swr) {
        return "{\"frequencyHz\":" + hz + ",\"swr\":" + swr + "}";
    }

    static String advice() {
        return "{\"kind\":\"quarter-wave whip\",\"adjustable\":{\"oneWay\":true},\"wantedHz\":[150e6,156e6],"
                + "\"rule\":{\"name\":\"under a limit\",\"limit\":1.5},\"passes\":[{\"spots\":[" + spot(150e6, 1.4)
                + ","
                + spot(156e6, 2.2) + "]}]}";
    }

    static String field(String json, String name) {
        Matcher found = Pattern.compile("\"" + name + "\":\"([^\"]+)\"").matcher(json);
        assertThat(found.find()).as(json).isTrue();
        return found.group(1);
    }
}
