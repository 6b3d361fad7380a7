package dorada.server.bounds;

import org.eclipse.jetty.http.HttpHeader;
import org.eclipse.jetty.server.Handler;
import org.eclipse.jetty.server.Request;
import org.eclipse.jetty.server.Response;
import org.eclipse.jetty.util.Callback;

/** Refuses bodies that are longer than is read of such a request, or do not say how long they are, before any of it is read. */
final class TooLarge extends Handler.Wrapper {

    static boolean isKnown(Request request) {
        String authorization = request.getHeaders().get(HttpHeader.AUTHORIZATION);
        return authorization != null
                || Request.getCookies(request).stream()
                        .anyMatch(c -> c.getName().equals("JSESSIONID"));
    }

    static String path(Request request) {
        String path = request.getHttpURI().getCanonicalPath();
        return path == null ? "" : path;
    }

    @Override
    public boolean handle(Request request, Response response, Callback callback) throws Exception {
        long most = Bounds.mostBytes(path(request), isKnown(request));
        if (most < Bounds.MOST_BYTES && request.getHeaders().contains(HttpHeader.TRANSFER_ENCODING)) {
            // In pieces without a length it could be as long as the longest of all.
            Problems.write(request, response, callback, 411, "Please say how long the body is: Content-Length.");
            return true;
        }
        if (request.getLength() > most) {
            Problems.write(request, response, callback, 413, sentence(most));
            return true;
        }
        return super.handle(request, response, callback);
    }

    static String sentence(long most) {
        return "This is more than is read at once: at most "
                + (most >= 1 << 20 ? (most >> 20) + " MB" : (most >> 10) + " kB")
                + ". A sweep file of 100,000 points is smaller.";
    }
}
