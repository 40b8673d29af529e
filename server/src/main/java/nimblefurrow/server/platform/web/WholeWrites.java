package nimblefurrow.server.platform.web;

import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import nimblefurrow.server.platform.background.DatabaseTrouble;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.webmvc.autoconfigure.WebMvcRegistrations;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.ServletWebRequest;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerAdapter;
import org.springframework.web.servlet.mvc.method.annotation.ServletInvocableHandlerMethod;

/**
 * A change and the answer to it are one: whatever a controller's method does for a POST, PUT or
 * DELETE happens in one transaction, the making of its answer with it, so that nothing is saved
 * when the answer fails. Reading takes no connection until it asks for rows, and gives it back with
 * them.
 */
@Configuration
class WholeWrites {
  private static final Set<String> CHANGES = Set.of("POST", "PUT", "DELETE", "PATCH");

  @Bean
  WebMvcRegistrations writesAreWhole(TransactionTemplate transaction) {
    return new WebMvcRegistrations() {
      @Override
      public RequestMappingHandlerAdapter getRequestMappingHandlerAdapter() {
        return new RequestMappingHandlerAdapter() {
          @Override
          protected ServletInvocableHandlerMethod createInvocableHandlerMethod(
              HandlerMethod method) {
            return new Whole(method, transaction);
          }
        };
      }
    };
  }

  private static final class Whole extends ServletInvocableHandlerMethod {
    private final TransactionTemplate transaction;

    Whole(HandlerMethod method, TransactionTemplate transaction) {
      super(method);
      this.transaction = transaction;
    }

    @Override
    public @Nullable Object invokeForRequest(
        NativeWebRequest request, @Nullable ModelAndViewContainer container, Object... given)
        throws Exception {
      if (!(request instanceof ServletWebRequest web)
          || !CHANGES.contains(web.getRequest().getMethod())
          || hasMethodAnnotation(AskingOnly.class)
          || hasMethodAnnotation(InSteps.class)) {
        return super.invokeForRequest(request, container, given);
      }
      AtomicBoolean done = new AtomicBoolean();
      try {
        return transaction.execute(
            status -> {
              Object answer = whole(request, container, given);
              done.set(!status.isRollbackOnly());
              return answer;
            });
      } catch (Failed failed) {
        throw failed.why;
      } catch (RuntimeException broken) {
        // What breaks once all is done breaks while it is being kept.
        boolean keeping =
            done.get()
                && DatabaseTrouble.of(broken).filter(DatabaseTrouble.GONE::equals).isPresent();
        throw keeping ? new DatabaseTrouble.CommitUnknown(broken) : broken;
      }
    }

    private Object whole(
        NativeWebRequest request, @Nullable ModelAndViewContainer container, Object... given) {
      try {
        return super.invokeForRequest(request, container, given);
      } catch (RuntimeException refused) {
        throw refused;
      } catch (Exception checked) {
        throw new Failed(checked);
      }
    }
  }

  /** Carries a checked exception out of the transaction, which it undoes. */
  private static final class Failed extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final transient Exception why;

    Failed(Exception why) {
      super(why);
      this.why = why;
    }
  }
}
