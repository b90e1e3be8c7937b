package keenfork.web;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/// The application on loopback.
@SpringBootApplication
public class KeenForkApplication {
    public static void main(String[] args) {
        SpringApplication.run(KeenForkApplication.class, args);
    }
}
