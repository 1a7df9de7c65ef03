package mensch.app;

import java.nio.file.Path;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/**
 * Starts the real application once per test run on a free loopback port and an emptied database; tests take its port as
 * {@code int}.
 */
public final class RunningApp implements BeforeAllCallback, ParameterResolver {

    private record Handle(ConfigurableApplicationContext context) implements AutoCloseable {
        @Override
        public void close() {
            context.close();
        }
    }

    private static Handle handle(ExtensionContext context) {
        return context.getRoot()
                .getStore(ExtensionContext.Namespace.GLOBAL)
                .getOrComputeIfAbsent("app", k -> start(), Handle.class);
    }

    private static Handle start() {
        emptyDatabase();
        Path data = Path.of(System.getenv().getOrDefault("MENSCH_TEST_DATA", "target"), "app-data");
        return new Handle(new SpringApplicationBuilder(MenschApplication.class)
                .run("--server.port=0", "--mensch.demo=true", "--mensch.data=" + data));
    }

    private static void emptyDatabase() {
        String url = System.getenv("SPRING_DATASOURCE_URL");
        if (url == null) {
            throw new IllegalStateException("tests of the application need PostgreSQL: run ./mensch test");
        }
        var source = new DriverManagerDataSource(
                url, System.getenv("SPRING_DATASOURCE_USERNAME"), System.getenv("SPRING_DATASOURCE_PASSWORD"));
        new JdbcTemplate(source).execute("drop schema public cascade; create schema public");
    }

    @Override
    public void beforeAll(ExtensionContext context) {
        handle(context);
    }

    /** The port, as {@code int}, or the application's context. */
    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        Class<?> type = parameter.getParameter().getType();
        return type == int.class || type == ApplicationContext.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        ApplicationContext app = handle(context).context();
        return parameter.getParameter().getType() == int.class
                ? app.getEnvironment().getRequiredProperty("local.server.port", Integer.class)
                : app;
    }
}
