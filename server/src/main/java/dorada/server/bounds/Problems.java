package dorada.server.bounds;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import org.eclipse.jetty.http.HttpHeader;
import org.eclipse.jetty.server.Request;
import org.eclipse.jetty.server.Response;
import org.eclipse.jetty.util.Callback;

/** Problem details (RFC 9457) from where no controller is reached. */
final class Problems {

    private Problems() {}

    /** @param sentence without characters that JSON would have to escape */
    static void write(Request request, Response response, Callback callback, int status, String sentence) {
        response.setStatus(status);
        response.getHeaders().put(HttpHeader.CONTENT_TYPE, "application/problem+json");
        response.getHeaders().put(HttpHeader.CACHE_CONTROL, "no-store");
        // What may be left of the body is not read.
        response.getHeaders().put(HttpHeader.CONNECTION, "close");
        String body = "{\"status\":" + status + ",\"detail\":\"" + sentence + "\",\"instance\":\""
                + request.getHttpURI().getCanonicalPath().replaceAll("[^ -~]|[\"\\\\]", "") + "\"}";
        response.write(true, ByteBuffer.wrap(body.getBytes(StandardCharsets.UTF_8)), callback);
    }
}
