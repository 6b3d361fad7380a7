package dorada.server;

import dorada.server.keeping.WholeAtTheStart;
import dorada.server.network.Network;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.aot.AbstractAotProcessor;

/** Starts the server. */
@SpringBootApplication
public class DoradaApplication {

    static {
        // Each connection is tried before it is given out, not only those that nobody used for half a second: a
        // database that found
        // its disk full has closed all of them at once. It costs some microseconds, the database being within this
        // process.
        System.setProperty("com.zaxxer.hikari.aliveBypassWindowMs", "0");
    }

    public static void main(String[] args) {
        SpringApplication application = new SpringApplication(DoradaApplication.class);
        // While packing, nothing is reached and no data are there.
        if (!Boolean.getBoolean(AbstractAotProcessor.AOT_PROCESSING)) {
            application.addListeners(new Network(), new WholeAtTheStart());
        }
        application.run(args);
    }
}
