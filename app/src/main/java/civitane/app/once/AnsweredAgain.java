package civitane.app.once;

import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** Gives the answer of the first time to whoever asks again. */
@RestControllerAdvice
class AnsweredAgain {

  @ExceptionHandler(DoneBefore.class)
  ResponseEntity<byte[]> again(DoneBefore before) {
    var answer = before.answer();
    var again = ResponseEntity.status(answer.status());
    if (answer.tag() != null) {
      again.header(HttpHeaders.ETAG, answer.tag());
    }
    if (answer.body().length > 0) {
      again.contentType(MediaType.APPLICATION_JSON);
    }
    return again.body(answer.body());
  }
}
