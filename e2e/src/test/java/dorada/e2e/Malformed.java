package dorada.e2e;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonNull;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.google.gson.JsonPrimitive;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;

/**
 * Requests made from the server's own OpenAPI document, most of them wrong somewhere: a value of another type, missing, huge, nested,
 * in bad UTF-8, under another content type, a file with an odd name. The same seed makes the same requests.
 */
final class Malformed {

    private static final String[] NUMBERS = {
        "0",
        "-1",
        "1",
        "2147483648",
        "-2147483649",
        "1e400",
        "-1e400",
        "NaN",
        "1e-320",
        "9007199254740993",
        "0.1",
        "150e6",
        "1e18"
    };
    private static final String[] TEXTS = {
        "",
        " ",
        "\u0000",
        "a",
        "ñ".repeat(40),
        "x".repeat(5000),
        "../../etc",
        "<b>",
        "' or 1=1 --",
        "\ud83d\ude80",
        "\ufffe",
        "2026-02-30",
        "null",
        "00000000-0000-0000-0000-000000000000",
        "not-a-uuid",
        "%00",
        "1;2",
        "SHORTEN"
    };
    private static final String[] CONTENT_TYPES = {
        "*/*",
        "text/plain",
        "application/xml",
        ";",
        "a/b; charset=nothing",
        "application/json; charset=utf-7",
        "multipart/form-data",
        "multipart/form-data; boundary=",
        "application/x-www-form-urlencoded",
        "",
        "application/*"
    };
    private static final String[] NAMES = {
        "/",
        "..",
        ".",
        "",
        "a\\b",
        "x".repeat(400) + ".s1p",
        "\u0001",
        "con",
        "sweep.s1p",
        "sweep.s2p",
        "a.csv",
        "a b.s1p"
    };
    private static final String[] FILES = {
        "",
        "# MHz S RI R 50\n100 0.1 0.1\n200 0.2 0.1\n",
        "# MHz S RI R 50\n100 1e400 0\n200 0 0\n",
        "# MHz S RI R 0\n1 0 0\n2 0 0\n",
        "[Version] 2.0\n",
        "\u0000\u0001\u0002",
        "# Hz S MA R 50\n1 0.5 0\n",
        "Frequency,SWR\n100,1\n",
        "Frequency;SWR\n145,1;2\n146;1e400\n",
        "[Version] 2.0\n# MHz S RI R 50\n[Number of Ports] 99999999\n[Network Data]\n1 0 0\n",
        "# MHz S RI R 50\n" + "1 0 0\n".repeat(50),
        "# MHz S DB R 50\n100 400 0\n101 -400 0\n"
    };

    /** @param method such as GET, @param target path and query as they go over the line */
    record Request(String method, String target, String contentType, byte[] body) {

        @Override
        public String toString() {
            String text = new String(body, StandardCharsets.UTF_8);
            return method + " " + target + " " + contentType + " "
                    + (text.length() > 600 ? text.substring(0, 600) + "…" : text);
        }
    }

    private record Operation(String method, String path, JsonObject definition) {}

    private final Random random;
    private final JsonObject schemas;
    private final List<Operation> operations = new ArrayList<>();
    private final List<String> known;

    /** @param known identifiers of things that are there */
    Malformed(String openApi, List<String> known, long seed) {
        random = new Random(seed);
        this.known = known;
        JsonObject document = JsonParser.parseString(openApi).getAsJsonObject();
        schemas = document.getAsJsonObject("components").getAsJsonObject("schemas");
        for (Map.Entry<String, JsonElement> path :
                document.getAsJsonObject("paths").entrySet()) {
            for (Map.Entry<String, JsonElement> method :
                    path.getValue().getAsJsonObject().entrySet()) {
                operations.add(new Operation(
                        method.getKey().toUpperCase(java.util.Locale.ROOT),
                        path.getKey(),
                        method.getValue().getAsJsonObject()));
            }
        }
    }

    List<String> paths() {
        return operations.stream().map(o -> o.method + " " + o.path).toList();
    }

    Request next() {
        Operation o = operations.get(random.nextInt(operations.size()));
        StringBuilder query = new StringBuilder();
        String path = o.path;
        if (o.definition.has("parameters")) {
            for (JsonElement p : o.definition.getAsJsonArray("parameters")) {
                JsonObject parameter = p.getAsJsonObject();
                String name = parameter.get("name").getAsString();
                String value = parameterValue(parameter.getAsJsonObject("schema"), name);
                if ("path".equals(parameter.get("in").getAsString())) {
                    path = path.replace("{" + name + "}", value.isEmpty() ? "x" : value);
                } else if (random.nextInt(5) > 0) {
                    for (int times = random.nextInt(8) == 0 ? 3 : 1; times > 0; times--) {
                        query.append(query.isEmpty() ? "?" : "&")
                                .append(name)
                                .append('=')
                                .append(value);
                    }
                }
            }
        }
        if (random.nextInt(25) == 0) {
            query.append(query.isEmpty() ? "?" : "&")
                    .append(one("x=%C3%28", "%=%", "a=%zz", "search=%ff%fe", "x[]=1", "a", "="));
        }
        if (random.nextInt(200) == 0) {
            path = one(
                    "/error",
                    "/actuator",
                    "/actuator/heapdump",
                    "/api",
                    "/api/",
                    "//",
                    "/api/..;/x",
                    "/v3/api-docs/none");
        }
        JsonObject content = content(o);
        if (content != null && content.has("multipart/form-data") && random.nextInt(6) > 0) {
            String boundary = "dorada" + random.nextInt(1000);
            return new Request(
                    o.method, path + query, "multipart/form-data; boundary=" + boundary, form(boundary, content));
        }
        byte[] body = content == null && random.nextInt(10) > 0 ? new byte[0] : json(content);
        return new Request(
                o.method,
                path + query,
                body.length == 0 ? "" : random.nextInt(15) == 0 ? one(CONTENT_TYPES) : "application/json",
                body);
    }

    private static JsonObject content(Operation o) {
        return o.definition.has("requestBody")
                ? o.definition.getAsJsonObject("requestBody").getAsJsonObject("content")
                : null;
    }

    private String one(String... all) {
        return all[random.nextInt(all.length)];
    }

    private String parameterValue(JsonObject schema, String name) {
        if (random.nextInt(3) == 0) {
            return encoded(random.nextBoolean() ? one(TEXTS) : one(NUMBERS));
        }
        JsonElement value = value(schema, name, 0, 0);
        return encoded(value.isJsonPrimitive() ? value.getAsString() : one(NUMBERS));
    }

    private static String encoded(String text) {
        return java.net.URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }

    private byte[] json(JsonObject content) {
        if (random.nextInt(12) == 0) {
            return one(
                            "{",
                            "[]",
                            "null",
                            "\"\"",
                            "{\"a\":".repeat(2000),
                            "[".repeat(20000),
                            "1e400",
                            "{\"a\":1,\"a\":2}",
                            "\u0000",
                            "true")
                    .getBytes(StandardCharsets.UTF_8);
        }
        JsonObject schema = content == null
                ? new JsonObject()
                : content.entrySet()
                        .iterator()
                        .next()
                        .getValue()
                        .getAsJsonObject()
                        .getAsJsonObject("schema");
        // Some are right but for one value: those come farthest.
        int wrong = random.nextInt(4);
        String text = value(schema, "", 0, wrong == 0 ? 0 : 40 / wrong / wrong)
                .toString()
                // Numbers that a JSON library would not write.
                .replace("\"@1e400\"", "1e400")
                .replace("\"@-1e400\"", "-1e400")
                .replace("\"@NaN\"", "NaN");
        return text.getBytes(random.nextInt(20) == 0 ? StandardCharsets.ISO_8859_1 : StandardCharsets.UTF_8);
    }

    private byte[] form(String boundary, JsonObject content) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        List<String> names = new ArrayList<>(List.of("file", "photo"));
        JsonObject schema =
                resolved(content.getAsJsonObject("multipart/form-data").getAsJsonObject("schema"));
        if (schema.has("properties")) {
            names.addAll(schema.getAsJsonObject("properties").keySet());
        }
        for (String name : names) {
            if (random.nextInt(4) == 0) {
                continue;
            }
            boolean isFile = name.equals("file") || name.equals("photo") || name.equals("files");
            out.writeBytes(("--" + boundary + "\r\nContent-Disposition: form-data; name=\"" + name + "\""
                            + (isFile
                                    ? "; filename=\"" + one(NAMES) + "\"\r\nContent-Type: application/octet-stream"
                                    : "")
                            + "\r\n\r\n" + (isFile ? one(FILES) : random.nextBoolean() ? one(TEXTS) : one(NUMBERS))
                            + "\r\n")
                    .getBytes(StandardCharsets.UTF_8));
        }
        if (random.nextInt(8) > 0) {
            out.writeBytes(("--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8));
        }
        return out.toByteArray();
    }

    private JsonObject resolved(JsonObject schema) {
        if (schema.has("$ref")) {
            String ref = schema.get("$ref").getAsString();
            return schemas.getAsJsonObject(ref.substring(ref.lastIndexOf('/') + 1));
        }
        return schema;
    }

    /** @param wrongOneIn one value in so many is not what it should be; 0 for none */
    private JsonElement value(JsonObject given, String name, int depth, int wrongOneIn) {
        JsonObject schema = resolved(given);
        if (depth > 8 || wrongOneIn > 0 && random.nextInt(wrongOneIn) == 0) {
            return wrong();
        }
        if (schema.has("enum")) {
            JsonArray all = schema.getAsJsonArray("enum");
            return all.get(random.nextInt(all.size()));
        }
        String type = schema.has("type") && schema.get("type").isJsonPrimitive()
                ? schema.get("type").getAsString()
                : "";
        switch (type) {
            case "array" -> {
                JsonArray array = new JsonArray();
                for (int n = random.nextInt(4); n > 0; n--) {
                    array.add(value(schema.getAsJsonObject("items"), name, depth + 1, wrongOneIn));
                }
                return array;
            }
            case "integer", "number" -> {
                return new JsonPrimitive(number(name.toLowerCase(java.util.Locale.ROOT)));
            }
            case "boolean" -> {
                return new JsonPrimitive(random.nextBoolean());
            }
            case "string" -> {
                boolean isId = schema.has("format")
                        && schema.get("format").getAsString().equals("uuid");
                return new JsonPrimitive(
                        isId
                                ? id()
                                : one(
                                        "Tractor",
                                        "145.5",
                                        "2026-05-01",
                                        "A short text.",
                                        "under a limit",
                                        "quarter-wave-whip",
                                        "simulated",
                                        "practice",
                                        "RG-58"));
            }
            default -> {
                JsonObject object = new JsonObject();
                if (schema.has("properties")) {
                    schema.getAsJsonObject("properties").entrySet().forEach(p -> {
                        if (random.nextInt(wrongOneIn > 0 ? 12 : 1000) > 0) {
                            object.add(
                                    p.getKey(),
                                    value(p.getValue().getAsJsonObject(), p.getKey(), depth + 1, wrongOneIn));
                        }
                    });
                }
                return object;
            }
        }
    }

    /** Such a number as a value of that name usually is. */
    private Number number(String name) {
        if (name.contains("hz")) {
            return name.contains("stop") ? 175e6 : name.contains("start") ? 135e6 : 140e6 + random.nextInt(30) * 1e6;
        }
        if (name.contains("point") || name.contains("count") || name.contains("port") || name.equals("times")) {
            return 1 + random.nextInt(60);
        }
        if (name.contains("swr") || name.contains("limit")) {
            return 1 + 4 * random.nextDouble();
        }
        return random.nextInt(3) == 0 ? 1 + random.nextInt(40) : random.nextDouble();
    }

    private String id() {
        return random.nextInt(3) > 0 && !known.isEmpty()
                ? known.get(random.nextInt(known.size()))
                : new java.util.UUID(random.nextLong(), random.nextLong()).toString();
    }

    private JsonElement wrong() {
        return switch (random.nextInt(7)) {
            case 0 -> JsonNull.INSTANCE;
            case 1 -> new JsonPrimitive(one(TEXTS));
            case 2 -> new JsonPrimitive("@" + one("1e400", "-1e400", "NaN"));
            case 3 ->
                new JsonPrimitive(
                        new java.math.BigDecimal(one("0", "-1", "2147483648", "1e300", "1e-320", "-0.0", "3")));
            case 4 -> new JsonArray();
            case 5 -> new JsonObject();
            default -> new JsonPrimitive(random.nextBoolean());
        };
    }

    /** Of what a list of things says, the identifiers. */
    static List<String> ids(String json) {
        return JsonParser.parseString(json).getAsJsonArray().asList().stream()
                .map(JsonElement::getAsJsonObject)
                .filter(o -> o.has("id"))
                .map(o -> o.get("id").getAsString())
                .collect(Collectors.toList());
    }
}
