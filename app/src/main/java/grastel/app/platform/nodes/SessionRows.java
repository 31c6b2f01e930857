package grastel.app.platform.nodes;

import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.session.autoconfigure.DefaultCookieSerializerCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Sessions are rows that every node finds. They are read and written in transactions without Hibernate, which would ask first
 * whose session it is.
 */
@Configuration
@OnPostgres
class SessionRows {
    @Bean
    @Primary
    TransactionTemplate transactionTemplate(PlatformTransactionManager transactions) {
        return new TransactionTemplate(transactions);
    }

    /** By this name Spring Session looks for it. */
    @Bean
    TransactionTemplate springSessionTransactionOperations(DataSource connections) {
        TransactionTemplate plain = new TransactionTemplate(new JdbcTransactionManager(connections));
        plain.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        return plain;
    }

    /** The same in whatever server it runs. */
    @Bean
    DefaultCookieSerializerCustomizer cookie(@Value("${server.servlet.session.cookie.name}") String name) {
        return cookie -> cookie.setCookieName(name);
    }
}
