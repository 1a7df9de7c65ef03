package mensch.app;

import java.time.Clock;
import mensch.core.library.Library;
import mensch.core.sheet.SheetMaker;
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
    SheetMaker sheetMaker() {
        return new SheetMaker(Library.shipped());
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
