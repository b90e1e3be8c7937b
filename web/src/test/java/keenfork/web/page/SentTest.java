package keenfork.web.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.mock.web.MockHttpServletRequest;

/// What the page of an error shows of what was typed.
class SentTest {
    private static MockHttpServletRequest sent() {
        var request = new MockHttpServletRequest("POST", "/larder/new");
        request.addParameter("_csrf", "token");
        request.addParameter("version", "3");
        request.addParameter("label", "Harissa");
        request.addParameter("declaration", "Chillies, garlic");
        request.addParameter("barCode", " ");
        return request;
    }

    @Test
    void what_was_typed_comes_back_in_its_order_and_nothing_else() {
        assertThat(Sent.of(sent())).containsExactly(new Sent("label", "Harissa"),
                new Sent("declaration", "Chillies, garlic"));
        assertThat(Sent.of(new MockHttpServletRequest("GET", "/larder"))).isEmpty();
    }

    @Test
    void a_save_that_could_not_be_stored_is_answered_with_it() {
        var errors = new Errors();
        var away = errors.database(new DataAccessResourceFailureException("away"), sent());
        assertThat(away.getStatus()).isNotNull().satisfies(s -> assertThat(s.value()).isEqualTo(503));
        assertThat(away.getModel().get("sent")).asList().hasSize(2);
        var atOnce = errors.atOnce(new OptimisticLockingFailureException("at once"), sent());
        assertThat(atOnce.getModel().get("sent")).asList().hasSize(2);
    }

    /// PostgreSQL 15, appendix A: 53100 is disk_full.
    @Test
    void a_full_disk_is_called_so() {
        var full = new Errors().database(new DataAccessResourceFailureException("could not extend file",
                new SQLException("could not extend file", "53100")), sent());
        assertThat(full.getStatus()).satisfies(s -> assertThat(s.value()).isEqualTo(507));
        assertThat(full.getModel().get("title")).isEqualTo("The disk is full");
    }
}
