package keenfork.web.page;

import jakarta.servlet.http.HttpServletRequest;
import java.sql.SQLException;
import keenfork.core.search.GivenUp;
import keenfork.paper.Press;
import org.apache.catalina.connector.ClientAbortException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.slf4j.MDC;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.validation.BindException;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/// The one place where something that went wrong becomes words.
@ControllerAdvice
class Errors {
    private static final String DISK_FULL = "53100";
    private static final Logger LOG = LoggerFactory.getLogger(Errors.class);

    /// Whoever asked went to another page meanwhile: nobody is there to be told.
    @ExceptionHandler({AsyncRequestNotUsableException.class, ClientAbortException.class})
    ModelAndView gone() { return new ModelAndView(); }

    @ExceptionHandler(NotHere.class)
    ModelAndView notHere(NotHere e) {
        return page(HttpStatus.NOT_FOUND, "Not here", String.valueOf(e.getMessage()));
    }

    @ExceptionHandler(NoResourceFoundException.class)
    ModelAndView noPage() {
        return page(HttpStatus.NOT_FOUND, "Not here", "There is no page at this address. Choose a station to go on.");
    }

    @ExceptionHandler({MethodArgumentTypeMismatchException.class, BindException.class,
            MissingServletRequestParameterException.class})
    ModelAndView badAddress() {
        return page(HttpStatus.BAD_REQUEST, "This address cannot be read",
                "A number in it is missing or is no number. Choose a station to go on.");
    }

    @ExceptionHandler({HttpRequestMethodNotSupportedException.class, HttpMediaTypeNotSupportedException.class,
            HttpMediaTypeNotAcceptableException.class})
    ModelAndView wrongWay() {
        return page(HttpStatus.METHOD_NOT_ALLOWED, "Not this way",
                "This address takes something else. Go back and use the page's own buttons.");
    }

    @ExceptionHandler(MultipartException.class)
    ModelAndView tooLarge() {
        return page(HttpStatus.CONTENT_TOO_LARGE, "This file is too large",
                "A table may be up to 2 MB. Nothing was stored. Go back, cut it in two and try again.");
    }

    @ExceptionHandler(Unprintable.class)
    ModelAndView unprintable(Unprintable e) {
        return page(HttpStatus.UNPROCESSABLE_CONTENT, "This cannot be printed", String.valueOf(e.getMessage()))
                .addObject("kept", e.kept());
    }

    /// Two people saved within the same moment; who was slower by more is shown both texts where they typed.
    @ExceptionHandler({OptimisticLockingFailureException.class, DataIntegrityViolationException.class})
    ModelAndView atOnce(DataAccessException e, HttpServletRequest request) {
        LOG.warn("at once: {} {}: {}", request.getMethod(), request.getRequestURI(), e.getClass().getSimpleName());
        return page(HttpStatus.CONFLICT, "Somebody saved at the same moment",
                "Nothing of yours was stored. Go back (your text is still in the page), look in another window at what "
                        + "stands there now, and save again.")
                                .addObject("sent", Sent.of(request));
    }

    @ExceptionHandler(Press.Busy.class)
    ModelAndView busy(Press.Busy e) {
        return page(HttpStatus.SERVICE_UNAVAILABLE, "The press is busy", String.valueOf(e.getMessage()));
    }

    @ExceptionHandler(GivenUp.class)
    ModelAndView givenUp(GivenUp e, HttpServletRequest request) {
        LOG.warn("given up: {} {}", request.getMethod(), request.getRequestURI());
        return page(HttpStatus.SERVICE_UNAVAILABLE, "Given up",
                e.getMessage() + " Nothing was stored or printed. Ask for fewer dishes at a time.");
    }

    @ExceptionHandler({DataAccessException.class, CannotCreateTransactionException.class})
    ModelAndView database(Exception e, HttpServletRequest request) {
        if (isDiskFull(e))
            return logged(HttpStatus.INSUFFICIENT_STORAGE, "The disk is full",
                    "Nothing was stored just now, and nothing stored before is lost. Make room on the disk that holds "
                            + "this kitchen, then go back (your text is still in the page) and try again.",
                    e, request);
        return logged(HttpStatus.SERVICE_UNAVAILABLE, "The database does not answer",
                "Nothing was stored just now, and nothing stored before is lost. Wait a moment, go back (your text "
                        + "is still in the page) and try again.",
                e, request);
    }

    @ExceptionHandler(Exception.class)
    ModelAndView other(Exception e, HttpServletRequest request) {
        return logged(HttpStatus.INTERNAL_SERVER_ERROR, "Something broke on our side",
                "What was stored before is kept. Go back and try again.", e, request);
    }

    private static ModelAndView logged(HttpStatus status, String title, String words, Exception e,
            HttpServletRequest request) {
        LOG.error("{} at {} {}", title, request.getMethod(), request.getRequestURI(), e);
        return page(status, title, "%s If it stays, tell whoever keeps this program the number %s.".formatted(words,
                MDC.get(RequestLog.NUMBER))).addObject("sent", Sent.of(request));
    }

    /// PostgreSQL says so by a state of its own (class 53, "insufficient resources": disk full).
    private static boolean isDiskFull(Throwable e) {
        for (var cause = e; cause != null; cause = cause.getCause())
            if (cause instanceof SQLException sql && DISK_FULL.equals(sql.getSQLState())) return true;
        return false;
    }

    private static ModelAndView page(HttpStatus status, String title, String words) {
        // who was told to give up and still is cannot write an answer
        Thread.interrupted();
        var page = new ModelAndView("page/wrong", status);
        page.addObject("title", title);
        page.addObject("words", words);
        return page;
    }
}
