package grastel.app.chart;

import grastel.app.platform.storage.FileUser;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;

@Configuration(proxyBeanMethods = false)
class ChartPicturesInUse {
    @Bean
    FileUser chartPictureRows(JdbcTemplate jdbc) {
        return FileUser.of(jdbc, "chart_page", "picture_sha256");
    }
}
