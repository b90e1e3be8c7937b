package keenfork.web;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.scheduling.annotation.EnableScheduling;

/// The application on loopback.
@SpringBootApplication
@EnableScheduling
public class KeenForkApplication {
    public static void main(String[] args) {
        SpringApplication.run(KeenForkApplication.class, args);
    }
}
