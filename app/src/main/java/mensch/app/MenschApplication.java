package mensch.app;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;

/** Starts the application. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class MenschApplication {
    public static void main(String[] args) {
        SpringApplication.run(MenschApplication.class, args);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
