package dorada.server;

import dorada.server.keeping.WholeAtTheStart;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the server. */
@SpringBootApplication
public class DoradaApplication {

    public static void main(String[] args) {
        SpringApplication application = new SpringApplication(DoradaApplication.class);
        application.addListeners(new WholeAtTheStart());
        application.run(args);
    }
}
