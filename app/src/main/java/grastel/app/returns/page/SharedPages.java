package grastel.app.returns.page;

import grastel.app.platform.colleagues.About;
import grastel.app.platform.colleagues.ClassOf;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class SharedPages {
    @Bean
    ClassOf classOfPage(ReturnedPages pages) {
        return ClassOf.of(About.PAGE, pages::classOf);
    }
}
