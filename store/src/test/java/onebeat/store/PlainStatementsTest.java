package onebeat.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.DriverManager;
import java.sql.SQLException;
import org.jdbi.v3.core.Handle;
import org.junit.jupiter.api.Test;

class PlainStatementsTest {

    private static Handle memory() throws SQLException {
        return PlainStatements.on(DriverManager.getConnection("jdbc:sqlite::memory:"));
    }

    @Test
    void aStatementWithoutParametersIsTakenAsItIsWritten() throws SQLException {
        try (Handle handle = memory()) {
            assertThat(handle.createQuery("SELECT '<a> \\ b' || 2 < 3, '<a> \\ b'")
                            .map((row, _) -> row.getInt(1) + row.getString(2))
                            .one())
                    .isEqualTo("0<a> \\ b");
        }
    }

    @Test
    void parametersAreBoundByNameAndByPlaceAndColonsInWordsAreNone() throws SQLException {
        try (Handle handle = memory()) {
            handle.execute("CREATE TABLE t (a, b)");
            handle.createUpdate("INSERT INTO t VALUES (:a, ':b')")
                    .bind("a", "1 : 2 ?")
                    .execute();
            handle.execute("INSERT INTO t VALUES (?, '?')", "3");
            assertThat(handle.createQuery("SELECT a || b FROM t ORDER BY rowid")
                            .mapTo(String.class)
                            .list())
                    .containsExactly("1 : 2 ?:b", "3?");
        }
    }
}
