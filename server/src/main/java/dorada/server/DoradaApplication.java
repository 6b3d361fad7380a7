package dorada.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the server. */
@SpringBootApplication
public class DoradaApplication {

    public static void main(String[] args) {
        SpringApplication.run(DoradaApplication.class, args);
    }
}
