package grastel.app.platform.requests;

import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class RequestLimits {
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> bodyLimits() {
        // outside the host, whose error page is another reader of the same body
        return factory -> factory.addEngineValves(new BodyLimitValve());
    }

    @Bean
    FilterRegistrationBean<BodyLimitFilter> bodyLimitFilter(ObjectProvider<KnownSenders> senders) {
        FilterRegistrationBean<BodyLimitFilter> filter = new FilterRegistrationBean<>(
                new BodyLimitFilter(senders.orderedStream().toList(), new AwaitedBodies()));
        filter.setOrder(BodyLimitFilter.ORDER);
        return filter;
    }
}
