package grastel.app.returns.screen;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.returns.screen.ReturnViews.Notice;
import grastel.core.reading.PageFlag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class NoticeTest {
    @ParameterizedTest
    @EnumSource
    void whateverTheReaderSaysOfAPictureIsToldToTheTeacher(PageFlag flag) {
        assertThat(Notice.of(flag).name()).isEqualTo(flag.name());
    }
}
