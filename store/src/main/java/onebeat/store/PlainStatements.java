package onebeat.store;

import java.sql.Connection;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.statement.ColonPrefixSqlParser;
import org.jdbi.v3.core.statement.ParsedSql;
import org.jdbi.v3.core.statement.SqlParser;
import org.jdbi.v3.core.statement.SqlStatements;
import org.jdbi.v3.core.statement.StatementContext;
import org.jdbi.v3.core.statement.TemplateEngine;

/// Handles whose statements are taken as they are written. No statement here is a template, and most of those that
/// open a camp have no parameters: taking them apart took longer than running them.
final class PlainStatements implements SqlParser {

    private static final SqlParser WITH_PARAMETERS = new ColonPrefixSqlParser();

    private PlainStatements() {}

    /// A handle on an open connection; it closes the connection.
    static Handle on(Connection connection) {
        Handle handle = Jdbi.open(connection);
        handle.getConfig(SqlStatements.class)
                .setTemplateEngine(TemplateEngine.NOP)
                .setSqlParser(new PlainStatements());
        return handle;
    }

    @Override
    public ParsedSql parse(String sql, StatementContext context) {
        boolean plain = sql.indexOf(':') < 0 && sql.indexOf('?') < 0;
        return plain ? ParsedSql.builder().append(sql).build() : WITH_PARAMETERS.parse(sql, context);
    }

    @Override
    public String nameParameter(String name, StatementContext context) {
        return WITH_PARAMETERS.nameParameter(name, context);
    }
}
