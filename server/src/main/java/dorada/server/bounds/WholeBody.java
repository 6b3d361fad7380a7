package dorada.server.bounds;

import java.util.concurrent.TimeUnit;
import org.eclipse.jetty.io.EndPoint;
import org.eclipse.jetty.server.Handler;
import org.eclipse.jetty.server.Request;
import org.eclipse.jetty.server.Response;
import org.eclipse.jetty.util.Callback;
import org.eclipse.jetty.util.thread.Scheduler;

/** A body must be here as a whole within {@link Bounds#LONGEST_SENDING}, however busily it trickles: it may hold a place in the queue. */
final class WholeBody {

    private static final String PATIENCE = WholeBody.class.getName();

    private WholeBody() {}

    /** From now on the rest of the body is awaited for so long. */
    static void await(Request request) {
        EndPoint end = request.getConnectionMetaData().getConnection().getEndPoint();
        request.setAttribute(
                PATIENCE,
                request.getComponents()
                        .getScheduler()
                        .schedule(end::close, Bounds.LONGEST_SENDING.toMillis(), TimeUnit.MILLISECONDS));
    }

    /** It has come. */
    static void here(Request request) {
        if (request.getAttribute(PATIENCE) instanceof Scheduler.Task patience) {
            patience.cancel();
        }
    }

    /** Before the body is read. */
    static final class Awaited extends Handler.Wrapper {

        @Override
        public boolean handle(Request request, Response response, Callback callback) throws Exception {
            if (request.getLength() != 0) {
                await(request);
            }
            return super.handle(request, response, callback);
        }
    }

    /** After it. */
    static final class Here extends Handler.Wrapper {

        @Override
        public boolean handle(Request request, Response response, Callback callback) throws Exception {
            here(request);
            return super.handle(request, response, callback);
        }
    }
}
