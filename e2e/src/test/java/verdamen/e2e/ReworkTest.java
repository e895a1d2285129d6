package verdamen.e2e;

import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;

/** What every test of the Rework station does. */
abstract class ReworkTest extends StationTest {

    static final String ROTI = "Pumpkin and emmer roti";

    void substitute(int place, String line, String by, String share) {
        choose(place, line, by);
        type("input[aria-label='Share " + place + "']", share);
    }

    void choose(int place, String line, String by) {
        new Select(seen("[aria-label='Line " + place + "']"))
                .getOptions().stream()
                        .filter(option -> option.getText().startsWith(line))
                        .findFirst()
                        .orElseThrow()
                        .click();
        type("input[aria-label='By what " + place + "']", by);
        patience().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector("[role=option]")));
        press(Keys.ENTER);
    }

    String figure(String name) {
        String row = "//*[@data-testid='different-figures']//tr[th[starts-with(., '" + name + "')]]/td[2]";
        String folded = "//details/p[starts-with(., '" + name + "')]";
        seen("[data-testid=different-figures]");
        String text = driver().findElement(By.xpath(row + " | " + folded)).getAttribute("textContent");
        return text.startsWith(name) ? text.substring(name.length()).strip() : text;
    }
}
