package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Counted on a phone without a signal, torn off in the middle, sent later, arrived once. */
class ScoutJourneyTest {
  private Page page = App.window(390, 844);
  private final BrowserContext phone = page.context();

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
  }

  private void aSampleInMay() {
    App.sample(page, "2027-05-14");
  }

  private void spots(int many, int past) {
    for (int spot = 0; spot < many; spot++) {
      for (int stem = 0; stem < 10; stem++) {
        button(stem < past ? "^Past$" : "^Not yet$").click();
      }
    }
  }

  private Object kept() {
    return page.evaluate(
        "async () => (await (await fetch('/api/v1/log')).json())"
            + ".filter((e) => e.kind === 'STEM_COUNT' && e.on === '2027-05-14').length");
  }

  @Test
  void aCountWithoutASignalIsKeptAndArrivesOnce() {
    aSampleInMay();
    page.navigate(App.address() + "/scout");
    assertThat(page.locator("p.answer")).containsText("worth the walk today");
    Locator look =
        page.locator(".looks li").filter(new Locator.FilterOptions().setHasText("move the roller"));
    assertThat(look.first()).containsText(Pattern.compile("by \\d+ days?"));
    page.evaluate("() => navigator.serviceWorker.ready.then(() => true)");

    phone.setOffline(true);
    look.first().getByRole(AriaRole.BUTTON).click();
    Locator says = page.locator("p.says");
    spots(3, 9);
    assertThat(says).containsText("2 more spots before there is a word");
    button("^Past$").click();

    // The browser dies; a new one opens without a signal and goes on where the thumb was.
    page.close();
    page = phone.newPage();
    phone.setOffline(true); // a new window asks for it anew
    page.navigate(App.address() + "/scout");
    assertThat(page.locator(".signal")).containsText("no signal");
    page.locator(".looks li")
        .filter(new Locator.FilterOptions().setHasText("move the roller"))
        .first()
        .getByRole(AriaRole.BUTTON)
        .click();
    assertThat(page.getByText("Spot 4, stem 2")).isVisible();
    for (int stem = 1; stem < 10; stem++) {
      button("^Past$").click();
    }
    spots(2, 9);
    assertThat(page.locator("p.says")).containsText("Ready: enough are past flowering.");
    assertThat(page.getByText("55 of 60 past")).isVisible();
    page.locator(".take input").setInputFiles(photo());
    assertThat(page.getByAltText("Photo 1")).isVisible();
    button("^Keep this count$").click();
    assertThat(page.getByText("1 entry waits")).isVisible();

    phone.setOffline(false);
    assertThat(page.getByText("What came of it")).isVisible();
    assertThat(page.getByText("1 entry waits")).isHidden();
    assertThat(page.locator(".change").filter(new Locator.FilterOptions().setHasText("flowering")))
        .containsText(Pattern.compile("\\d+ May → \\d+ May"));
    assertThat(kept()).isEqualTo(1);
    page.navigate(App.address() + "/logbook");
    Locator kept = page.getByAltText(Pattern.compile("Photo 1 of .*stems past flowering"));
    assertThat(kept).isVisible();
    assertThat(kept).hasJSProperty("naturalWidth", 320);
  }

  /** A picture as a phone hands it over: half of it is green. */
  private static FilePayload photo() {
    BufferedImage picture = new BufferedImage(320, 240, BufferedImage.TYPE_INT_RGB);
    Graphics2D brush = picture.createGraphics();
    brush.setColor(new Color(120, 95, 70));
    brush.fillRect(0, 0, 320, 240);
    brush.setColor(new Color(70, 130, 60));
    brush.fillRect(0, 0, 160, 240);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(picture, "jpeg", out);
    } catch (IOException never) {
      throw new UncheckedIOException(never);
    }
    return new FilePayload("photo.jpg", "image/jpeg", out.toByteArray());
  }

  private void look(String field, String what) {
    page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Find a field"))
        .fill(field);
    button("^Look at " + field + "$").click();
    page.locator(".v-list-item")
        .filter(new Locator.FilterOptions().setHasText(what))
        .last()
        .dispatchEvent("click");
  }

  @Test
  void greenIsToldFromAPhotoAndSoilFromTheHand() {
    aSampleInMay();
    page.navigate(App.address() + "/scout");
    look("Orchard Organic", "Judge the ground cover");
    page.locator(".shoot input").setInputFiles(photo());
    assertThat(page.locator("p.says")).containsText("Ground cover 50 %");
    assertThat(page.getByAltText("The photo with what counted as green lit up")).isVisible();
    button("^About 75 %$").click();
    assertThat(page.locator("p.says")).containsText("62.5 ±");
    assertThat(page.locator("p.says")).containsText("3 more spots to be sure");
    assertThat(Boxes.faults(page)).isEmpty();
    button("^Keep this$").click();
    assertThat(page.getByText("What came of it")).isVisible();
    assertThat(page.locator("li").getByText("ground cover 62.5 %")).isVisible();

    look("Orchard Organic", "Feel the soil");
    button("dents or splats").click();
    assertThat(page.getByText("too wet for wheels")).isVisible();
  }

  @Test
  void whatAnOlderVersionKeptIsSentByThisOne() {
    aSampleInMay();
    page.navigate(App.address() + "/scout");
    assertThat(page.locator("p.answer")).isVisible();
    page.navigate(App.address() + "/sign-in");
    String id = UUID.randomUUID().toString();
    // As the first version wrote it: its stores, its shape of an entry, nothing of photos.
    page.evaluate(
        """
        async (id) => {
          const view = await (await fetch('/api/v1/scout')).json()
          const session = await (await fetch('/api/v1/session')).json()
          const field = view.fields.find((f) => f.members.length)
          await new Promise((gone) => { indexedDB.deleteDatabase('furrow-scout').onsuccess = gone })
          const db = await new Promise((opened) => {
            const asked = indexedDB.open('furrow-scout', 1)
            asked.onupgradeneeded = () => {
              asked.result.createObjectStore('waiting', { keyPath: 'id' })
              asked.result.createObjectStore('sent', { keyPath: 'id' })
              asked.result.createObjectStore('taken', { keyPath: 'farm' })
              asked.result.createObjectStore('drafts')
            }
            asked.onsuccess = () => opened(asked.result)
          })
          const form = { id, fieldId: field.fieldId, kind: 'STEM_COUNT', on: '2027-05-14',
            species: field.members[0].id, spots: 5, stems: 50, past: 20 }
          const write = db.transaction('waiting', 'readwrite')
          write.objectStore('waiting').put({ id, farm: session.farm, field: field.name,
            says: '20 of 50 stems past flowering', form, written: Date.now() })
          await new Promise((done) => { write.oncomplete = done })
          db.close()
        }""",
        id);
    page.navigate(App.address() + "/scout");
    assertThat(page.getByText("What came of it")).isVisible();
    assertThat(kept()).isEqualTo(1);
  }

  @Test
  void aStandIsJudgedWhereItIsCounted() {
    aSampleInMay();
    page.navigate(App.address() + "/scout");
    look("Badger Forty", "Count the stand");
    for (String plants : new String[] {"24", "20", "28", "24"}) {
      page.getByRole(
              AriaRole.TEXTBOX,
              new Page.GetByRoleOptions().setName(Pattern.compile("Plants in spot")))
          .fill(plants);
      button("^Next spot$").click();
    }
    assertThat(page.locator("p.says"))
        .containsText(Pattern.compile("Good: 12\\.8 ± 2\\.\\d plants"));
    button("^Keep this count$").click();
    assertThat(page.getByText("What came of it")).isVisible();
    assertThat(page.getByText("12.8 cereal rye plants per ft²")).isVisible();
    assertThat(Boxes.faults(page)).isEmpty();
  }
}
