package dorada.server.bounds;

import java.util.zip.Deflater;
import org.eclipse.jetty.compression.gzip.GzipCompression;
import org.eclipse.jetty.compression.gzip.GzipEncoderConfig;
import org.eclipse.jetty.compression.server.CompressionHandler;
import org.eclipse.jetty.server.Connector;
import org.eclipse.jetty.server.Handler;
import org.eclipse.jetty.server.HttpConnectionFactory;
import org.eclipse.jetty.server.NetworkConnectionLimit;
import org.eclipse.jetty.server.SecureRequestCustomizer;
import org.eclipse.jetty.server.Server;
import org.eclipse.jetty.server.ServerConnector;
import org.eclipse.jetty.server.handler.EagerContentHandler;
import org.springframework.boot.jetty.ConfigurableJettyWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The server within its {@link Bounds}. A body is read before a thread works on it (the library's eager content), so that whoever
 * sends slowly or stops half-way costs no thread; large ones are admitted one after the other.
 */
@Configuration
class BoundedServer {

    /** What a chunk of a body costs beside its bytes. */
    private static final int FRAMING = 64;

    @Bean
    WebServerFactoryCustomizer<ConfigurableJettyWebServerFactory> bounded() {
        return factory -> factory.addServerCustomizers(BoundedServer::bound);
    }

    static void bound(Server server) {
        for (Connector connector : server.getConnectors()) {
            if (connector instanceof ServerConnector plain) {
                plain.setIdleTimeout(Bounds.IDLE.toMillis());
            }
            HttpConnectionFactory http = connector.getConnectionFactory(HttpConnectionFactory.class);
            if (http != null) {
                http.getHttpConfiguration().setSendServerVersion(false);
                SecureRequestCustomizer secure =
                        http.getHttpConfiguration().getCustomizer(SecureRequestCustomizer.class);
                if (secure != null) {
                    // Which names are ours is asked of every request, with a sentence; an address may be new since the
                    // certificate.
                    secure.setSniHostCheck(false);
                }
            }
        }
        CompressionHandler compression = server.getDescendant(CompressionHandler.class);
        if (compression != null && compression.removeCompression("gzip") instanceof GzipCompression gzip) {
            // The usual level takes longer for a page of passes than reading them does, to save a fifth of the bytes.
            GzipEncoderConfig quick = new GzipEncoderConfig();
            quick.setCompressionLevel(Deflater.BEST_SPEED);
            gzip.setDefaultEncoderConfig(quick);
            compression.putCompression(gzip);
        }
        server.addBean(new NetworkConnectionLimit(Bounds.CONNECTIONS, server));
        Handler.Wrapper here = new WholeBody.Here();
        here.setHandler(server.getHandler());
        EagerContentHandler read = new EagerContentHandler(
                new EagerContentHandler.RetainedContentLoaderFactory(Bounds.MOST_BYTES, FRAMING, true));
        read.setHandler(here);
        Handler.Wrapper awaited = new WholeBody.Awaited();
        awaited.setHandler(read);
        LargeInTurn inTurn = new LargeInTurn();
        inTurn.setHandler(awaited);
        TooLarge tooLarge = new TooLarge();
        tooLarge.setHandler(inTurn);
        server.setHandler(tooLarge);
    }
}
