package civitane.app.door;

import civitane.app.messages.OwnContact;
import civitane.words.Language;
import jakarta.servlet.http.HttpServletRequest;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing at the door what another lodged. */
@RestController
@RequestMapping("/api/door")
class CosigningController {
  private static final String SIGNS = "hasRole('" + Signer.ROLE + "')";
  private static final String THROUGH = "hasRole('" + Visitor.ROLE + "')";
  private static final String ENTRY = "entry to sign";
  private static final String ASKING = "asking to sign";

  private final Cosigning cosigning;
  private final Tries tries;

  CosigningController(Cosigning cosigning, Tries tries) {
    this.cosigning = cosigning;
    this.tries = tries;
  }

  /** Where somebody is asked to sign. */
  record SignerContact(String contact) {}

  /** What became of it: asked, notAContact, yourOwn, or tooOften, as a message goes to whomever is named. */
  record SignerAsked(String became) {}

  /** The code that came to a contact, and when whoever has it was born. */
  record SigningCode(String contact, String code, @Nullable LocalDate born) {}

  /** The name by which it is signed, and whom whoever signs allows to be asked. */
  record LaterSignature(String name, @Nullable String language, List<String> allows) {}

  /** @param otherName what is said where the name is another than was told; empty where it is signed */
  record SignedLater(String otherName) {}

  /** What is wrong, in words. */
  record SaidOtherwise(String text) {}

  @PostMapping("/claims/{number}/items/{item}/signer")
  @PreAuthorize(THROUGH)
  SignerAsked askSigner(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable String number,
      @PathVariable int item,
      @RequestBody SignerContact typed,
      HttpServletRequest request) {
    if (tries.wait(ASKING, number, request).isPresent()) {
      return new SignerAsked("tooOften");
    }
    return new SignerAsked(
        switch (cosigning.ask(visitor, number, item, typed.contact())) {
          case ASKED -> "asked";
          case NOT_A_CONTACT -> "notAContact";
          case YOUR_OWN -> "yourOwn";
        });
  }

  @PostMapping("/signing/entry")
  ResponseEntity<Void> enterToSign(@RequestBody SigningCode typed, HttpServletRequest request) {
    var counted = OwnContact.counted(typed.contact());
    var wait = tries.wait(ENTRY, counted, request);
    if (wait.isPresent()) {
      return Tries.refused(wait.get());
    }
    var token = cosigning.enter(typed.contact(), typed.code(), typed.born());
    if (token.isEmpty()) {
      return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT).build();
    }
    tries.forget(ENTRY, counted, request);
    return ResponseEntity.noContent()
        .header(HttpHeaders.SET_COOKIE, DoorCookie.of(token.get(), request).toString())
        .build();
  }

  @GetMapping("/signing")
  @PreAuthorize(SIGNS)
  ToSign toSign(
      @AuthenticationPrincipal Signer signer, @RequestParam(defaultValue = "en") String language) {
    return cosigning.of(signer, Language.of(language));
  }

  @PostMapping("/signing")
  @PreAuthorize(SIGNS)
  SignedLater signLater(@AuthenticationPrincipal Signer signer, @RequestBody LaterSignature typed) {
    return new SignedLater(
        cosigning.sign(signer, typed.name(), typed.allows(), Language.of(typed.language())));
  }

  @PostMapping("/signing/otherwise")
  @PreAuthorize(SIGNS)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void saysOtherwise(@AuthenticationPrincipal Signer signer, @RequestBody SaidOtherwise said) {
    cosigning.saysOtherwise(signer, said.text());
  }
}
