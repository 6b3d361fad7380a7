package dorada.server;

import dorada.server.keeping.WholeAtTheStart;
import dorada.server.network.Network;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.aot.AbstractAotProcessor;

/** Starts the server. */
@SpringBootApplication
public class DoradaApplication {

    public static void main(String[] args) {
        SpringApplication application = new SpringApplication(DoradaApplication.class);
        // While packing, nothing is reached and no data are there.
        if (!Boolean.getBoolean(AbstractAotProcessor.AOT_PROCESSING)) {
            application.addListeners(new Network(), new WholeAtTheStart());
        }
        application.run(args);
    }
}
