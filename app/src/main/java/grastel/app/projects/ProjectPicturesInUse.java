package grastel.app.projects;

import grastel.app.platform.storage.FileUser;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;

@Configuration(proxyBeanMethods = false)
class ProjectPicturesInUse {
    @Bean
    FileUser projectPictureRows(JdbcTemplate jdbc) {
        return FileUser.of(jdbc, "project", "picture_sha256");
    }
}
