package dorada.server.bounds;

import org.eclipse.jetty.http.HttpHeader;
import org.eclipse.jetty.server.Request;
import org.eclipse.jetty.server.Response;
import org.eclipse.jetty.server.handler.QoSHandler;
import org.eclipse.jetty.util.Callback;

/** Large bodies wait their turn, so that their memory is there; where too many wait, the next is told when to come again. */
final class LargeInTurn extends QoSHandler {

    private static final String AGAIN_SECONDS = "10";

    @SuppressWarnings("unchecked")
    LargeInTurn() {
        setMaxRequestCount(Bounds.LARGE_AT_ONCE);
        setMaxSuspendedRequestCount(Bounds.LARGE_WAITING);
        setMaxSuspend(Bounds.LONGEST_WAIT);
        include(LargeInTurn::isLarge);
    }

    /** Whoever does not say how long it is may send a long one. */
    static boolean isLarge(Request request) {
        return request.getLength() > Bounds.LARGE_BYTES
                || request.getLength() < 0
                        && request.getHeaders().contains(HttpHeader.TRANSFER_ENCODING)
                        && Bounds.mayCarryPoints(TooLarge.path(request));
    }

    @Override
    protected void reject(Request request, Response response, Callback callback, int status) {
        response.getHeaders().put(HttpHeader.RETRY_AFTER, AGAIN_SECONDS);
        Problems.write(
                request,
                response,
                callback,
                status,
                "Several large files are being read just now. Nothing of yours was kept: please send it again in "
                        + AGAIN_SECONDS + " seconds.");
    }
}
