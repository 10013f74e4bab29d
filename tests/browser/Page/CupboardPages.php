<?php

declare(strict_types=1);

namespace App\Tests\Browser\Page;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** What a person does on the pages, by names, labels and keys. Every wait is for something seen. */
final readonly class CupboardPages
{
    private const PATIENCE = 30;

    public function __construct(public RemoteWebDriver $browser, private string $url) {}

    /** From the address one is given; whoever is signed in already is at home at once. */
    public function signIn(?string $email = null): self
    {
        $this->browser->get($this->url . '/');
        $this->until(fn(): bool => $this->count('input[type="email"], [data-testid="stations"]') > 0, 'the front door or the home opens');
        if ($this->count('[data-testid="stations"]') > 0) {
            return $this;
        }
        $field = $this->see('input[type="email"]');
        $this->until(static fn(): bool => '' !== $field->getAttribute('value'), 'the demo fills in its sign-in');
        if (null !== $email) {
            $field->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys($email);
        }
        $this->press('Sign in');
        $this->see('[data-testid="stations"]');

        return $this;
    }

    public function station(string $name): self
    {
        $this->until(fn(): bool => $this->tryClick("//nav[@aria-label='Stations of the swap']//a[contains(., '{$name}')]"), "the station {$name}");

        return $this;
    }

    public function drawer(string $name): self
    {
        $this->until(fn(): bool => $this->tryClick("//nav[@aria-label='Standing places']//a[contains(., '{$name}')]"), "the drawer {$name}");

        return $this;
    }

    /** A button, or what else has a role, by its label or how its text begins. */
    public function press(string $label, string $role = 'button'): self
    {
        $what = 'button' === $role ? 'button' : "*[@role='{$role}']";
        $this->until(
            fn(): bool => $this->tryClick("//{$what}[normalize-space()='{$label}' or @aria-label='{$label}' or starts-with(normalize-space(), '{$label}')]"),
            "the {$role} {$label}",
        );

        return $this;
    }

    /** A link, by how its text begins. */
    public function follow(string $text): self
    {
        $this->until(fn(): bool => $this->tryClick("//a[starts-with(normalize-space(), '{$text}')]"), "the link {$text}");

        return $this;
    }

    public function key(string ...$keys): self
    {
        $this->browser->getKeyboard()->sendKeys($keys);

        return $this;
    }

    public function type(string $label, string $text): self
    {
        return $this->with(fn(): WebDriverElement => $this->field($label)->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys($text), "{$label} is typed into");
    }

    public function choose(string $label, string $option): self
    {
        return $this->with(fn() => (new WebDriverSelect($this->field($label)))->selectByVisibleText($option), "{$option} is chosen as {$label}");
    }

    /** A file into its field. */
    public function give(string $label, string $file): self
    {
        return $this->with(fn(): WebDriverElement => $this->field($label)->sendKeys($file), "a file is given to {$label}");
    }

    /** Keys to one thing on the page, which takes the focus. */
    public function keysTo(string $css, string ...$keys): self
    {
        return $this->with(fn(): WebDriverElement => $this->see($css)->sendKeys($keys), "keys are taken by {$css}");
    }

    public function pressAt(string $path): self
    {
        return $this->until(fn(): bool => $this->tryClick($path), "{$path} can be pressed");
    }

    public function value(string $label): string
    {
        $value = '';
        $this->with(function () use (&$value, $label): void {
            $value = (string) $this->field($label)->getAttribute('value');
        }, "{$label} is read");

        return $value;
    }

    /** Pulls with the mouse, step by step as a hand does, from the middle of something by so many pixels. */
    public function pull(string $css, int $across, int $down): self
    {
        $this->see($css);
        /** @var array{float, float} $at */
        $at = $this->browser->executeScript('const box = document.querySelector(arguments[0]).getBoundingClientRect(); return [box.left + box.width / '
            . '2, box.top + box.height / 2]', [$css]);
        $mouse = new ChromeDevToolsDriver($this->browser);
        $event = static fn(string $type, float $part, int $buttons): array => [
            'type' => $type, 'x' => $at[0] + $part * $across, 'y' => $at[1] + $part * $down, 'button' => 'left', 'buttons' => $buttons, 'clickCount' => 1,
        ];
        foreach ([['mouseMoved', 0.0, 0], ['mousePressed', 0.0, 1], ['mouseMoved', 0.25, 1], ['mouseMoved', 0.5, 1], ['mouseMoved', 0.75, 1],
            ['mouseMoved', 1.0, 1], ['mouseReleased', 1.0, 0]] as $step) {
            $mouse->execute('Input.dispatchMouseEvent', $event(...$step));
        }

        return $this;
    }

    public function field(string $label): WebDriverElement
    {
        return $this->seeAt("//*[@id=//label[normalize-space()='{$label}']/@for] | //*[@aria-label='{$label}']");
    }

    public function see(string $css): WebDriverElement
    {
        return $this->wait(WebDriverExpectedCondition::visibilityOfElementLocated(WebDriverBy::cssSelector($css)), "Nothing is seen of {$css}.");
    }

    public function seeAt(string $path): WebDriverElement
    {
        return $this->wait(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::xpath($path)), "Nothing is seen of {$path}.");
    }

    public function seeText(string $text): self
    {
        $this->until(fn(): bool => str_contains($this->text(), $text), "“{$text}” is read on the page");

        return $this;
    }

    public function text(): string
    {
        return (string) preg_replace('/\s+/', ' ', (string) $this->browser->executeScript('return document.body.innerText'));
    }

    public function count(string $css): int
    {
        return \count($this->browser->findElements(WebDriverBy::cssSelector($css)));
    }

    /** @param \Closure(): bool $holds */
    public function until(\Closure $holds, string $what): self
    {
        $this->wait(static function () use ($holds): bool {
            try {
                return $holds();
            } catch (StaleElementReferenceException) {
                return false;
            }
        }, "It did not come about that {$what}.");

        return $this;
    }

    /**
     * Finds something and does something with it; when the page was drawn anew between the two, once more.
     *
     * @param \Closure(): mixed $act
     */
    private function with(\Closure $act, string $what): self
    {
        return $this->until(static function () use ($act): bool {
            $act();

            return true;
        }, $what);
    }

    /** Waits, and says what the page reads when it was in vain: the next one to look has no other way to know. */
    private function wait(callable|WebDriverExpectedCondition $holds, string $complaint): mixed
    {
        try {
            return $this->browser->wait(self::PATIENCE, 100)->until($holds, $complaint);
        } catch (TimeoutException|NoSuchElementException) {
            throw new TimeoutException($complaint . ' The page reads: ' . mb_strimwidth($this->text(), 0, 4000, '…'));
        }
    }

    private function tryClick(string $path): bool
    {
        foreach ($this->browser->findElements(WebDriverBy::xpath($path)) as $element) {
            if ($element->isDisplayed() && $element->isEnabled() && $this->isAtRest($element)) {
                try {
                    $element->click();

                    return true;
                } catch (ElementClickInterceptedException) {
                    // Under the bar at the foot of a phone, or behind a dialog: brought into the middle for the next try.
                    $this->browser->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$element]);
                    continue;
                }
            }
        }

        return false;
    }

    /** What moves while a page fills is pressed beside: a press waits until the thing keeps its place for a frame. */
    private function isAtRest(WebDriverElement $element): bool
    {
        return true === $this->browser->executeAsyncScript(
            'const [one, done] = arguments; const at = () => { const box = one.getBoundingClientRect(); return `${box.x} ${box.y} ${box.width}` };'
            . 'const before = at(); requestAnimationFrame(() => done(before === at()))',
            [$element],
        );
    }
}
