package mensch.app;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/** The database of the running application, asked past it. */
final class Database {
    private Database() {}

    static Connection open() throws SQLException {
        return DriverManager.getConnection(
                System.getenv("SPRING_DATASOURCE_URL"),
                System.getenv("SPRING_DATASOURCE_USERNAME"),
                System.getenv("SPRING_DATASOURCE_PASSWORD"));
    }

    static int run(String sql) throws SQLException {
        try (Connection connection = open();
                Statement statement = connection.createStatement()) {
            return statement.executeUpdate(sql);
        }
    }

    /** The first cell of an answer. */
    static String text(String sql) throws SQLException {
        try (Connection connection = open();
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(sql)) {
            return rows.next() ? rows.getString(1) : null;
        }
    }
}
