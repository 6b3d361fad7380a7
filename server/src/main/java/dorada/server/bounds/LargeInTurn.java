package dorada.server.bounds;

import org.eclipse.jetty.http.HttpHeader;
import org.eclipse.jetty.io.Content;
import org.eclipse.jetty.server.Request;
import org.eclipse.jetty.server.Response;
import org.eclipse.jetty.server.handler.QoSHandler;
import org.eclipse.jetty.util.Callback;

/** Large bodies wait their turn, so that their memory is there; where too many wait, the next is told when to come again. */
final class LargeInTurn extends QoSHandler {

    private static final String AGAIN_SECONDS = "10";
    private static final String SENTENCE =
            "Several large files are being read just now. Nothing of yours was saved: please send it again in "
                    + AGAIN_SECONDS + " seconds.";

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
        comeAgain(request, response, callback, status);
    }

    @Override
    protected void expireSuspended(Request request, Response response, Callback callback) {
        comeAgain(request, response, callback, getRejectStatusCode());
    }

    /** The body is read to its end and forgotten first: whoever is refused while still writing would not read why. */
    private static void comeAgain(Request request, Response response, Callback callback, int status) {
        WholeBody.await(request);
        Content.Source.consumeAll(
                request,
                Callback.from(
                        () -> {
                            WholeBody.here(request);
                            response.getHeaders().put(HttpHeader.RETRY_AFTER, AGAIN_SECONDS);
                            Problems.write(request, response, callback, status, SENTENCE);
                        },
                        callback::failed));
    }
}
