<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\JavascriptErrorException;
use Facebook\WebDriver\Exception\PhpWebDriverExceptionInterface;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\JsonWireCompat;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverSelect;

/** A window of headless Chromium, used as a person uses it: by what is written on things. */
final class Screen
{
    /** Two cores are shared by three browsers, the servers and the rules: what is there at once may take a minute. */
    private const PATIENCE_SECONDS = 120.0;

    /** Quiet is a page to which nothing was done, and which asked for nothing, for so long. */
    private const QUIET_MS = 120;

    /** A page that has not moved for so long has run out. */
    private const RESTS_MS = 400;

    /** Some tests hold an answer back: then nobody waits for it for ever. */
    private const QUIET_AT_MOST_MS = 2500;

    /** Counts what a page asks for and has no answer to, and when something was done to it last. */
    private const WATCH = <<<'JS'
        (() => {
            const real = window.fetch;
            const seen = { open: 0, last: performance.now() };
            const happens = () => { seen.last = performance.now(); };
            Object.defineProperty(window, 'asked', { value: seen, enumerable: false });
            window.fetch = (...all) => {
                seen.open++;
                happens();
                const answer = real(...all);
                const over = () => { seen.open--; happens(); };
                answer.then(over, over);
                return answer;
            };
            for (const each of ['click', 'input', 'change', 'keydown']) window.addEventListener(each, happens, true);
        })();
        JS;

    private readonly ChromeDevToolsDriver $tools;

    /** @var array{float, float} where the mouse holds something, in px */
    private array $held = [0.0, 0.0];

    public readonly RemoteWebDriver $driver;

    private function __construct(Browser $browser, private readonly string $address)
    {
        $this->driver = $browser->driver;
        $this->tools = $browser->tools;
    }

    /**
     * @template T
     *
     * @param Served|string     $served what is served, or where
     * @param callable(self): T $use
     * @param bool              $listens whether `requests` will be asked
     */
    public static function with(Served|string $served, callable $use, int $width = 1280, int $height = 800, bool $listens = false): void
    {
        $address = is_string($served) ? $served : $served->address;
        $browser = Browser::running(str_starts_with($address, 'https:'), $listens);
        $browser->open();
        $screen = new self($browser, $address);
        try {
            $screen->resize($width, $height);
            $screen->before(self::WATCH);
            $use($screen);
        } catch (\Throwable $e) {
            $screen->picture($e);
            throw $e;
        } finally {
            $browser->forget($address);
        }
    }

    /** Another tab of the same browser, and what leads back from it. */
    public function anotherTab(): string
    {
        $first = $this->driver->getWindowHandle();
        $this->driver->switchTo()->newWindow();
        $this->before(self::WATCH);

        return $first;
    }

    /** Waits until what was done has been sent and answered, and what the answer brought is there. */
    public function settle(): self
    {
        $look = <<<'JS'
            const [quiet, most, done] = arguments;
            const began = performance.now();
            const look = () => {
                const seen = window.asked;
                if (seen === undefined || (seen.open <= 0 && performance.now() - seen.last >= quiet) || performance.now() - began > most) {
                    done(true);
                } else {
                    setTimeout(look, 20);
                }
            };
            look();
            JS;
        try {
            $this->later($look, [self::QUIET_MS, self::QUIET_AT_MOST_MS]);
        } catch (JavascriptErrorException) {
            // The page went meanwhile: the one that came in its place is waited for.
            $this->later($look, [self::QUIET_MS, self::QUIET_AT_MOST_MS]);
        }

        return $this;
    }

    public function resize(int $width, int $height): void
    {
        $this->tools->execute('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false]);
    }

    /** As a browser whose user reads this language. */
    public function inLanguage(string $language): self
    {
        $agent = $this->script('return navigator.userAgent');
        $this->tools->execute('Network.setUserAgentOverride', ['userAgent' => is_string($agent) ? $agent : '', 'acceptLanguage' => $language]);

        return $this;
    }

    /** The device is somewhere else: its clock on the wall is that of the zone. */
    public function inZone(string $zone): void
    {
        $this->tools->execute('Emulation.setTimezoneOverride', ['timezoneId' => $zone]);
    }

    /** Colours of the user in place of ours, as those have them who see little contrast. */
    public function forcedColours(): void
    {
        $this->tools->execute('Emulation.setEmulatedMedia', ['features' => [['name' => 'forced-colors', 'value' => 'active']]]);
    }

    /** Runs before anything of each page that is opened from now on. */
    public function before(string $script): void
    {
        $this->tools->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => $script]);
    }

    /** Addresses that do not come, with stars for any part of them; none any more where none is named. */
    public function withhold(string ...$addresses): void
    {
        $this->tools->execute('Network.enable');
        $this->tools->execute('Network.setBlockedURLs', ['urls' => $addresses]);
    }

    /** What this browser brings with its first call: NAME=VALUE. */
    public function bring(string $cookie): void
    {
        [$name, $value] = [...explode('=', $cookie, 2), ''];
        $this->tools->execute('Network.setCookie', ['name' => $name, 'value' => rawurldecode($value), 'url' => $this->address, 'secure' => true, 'httpOnly' => true, 'sameSite' => 'Strict']);
    }

    /** As it goes to the printer. */
    public function onPaper(): self
    {
        $this->tools->execute('Emulation.setEmulatedMedia', ['media' => 'print']);

        return $this;
    }

    /** And back on the screen. */
    public function offPaper(): self
    {
        $this->tools->execute('Emulation.setEmulatedMedia', ['media' => '']);

        return $this;
    }

    /** Takes hold of something with the mouse and draws it to the right, and does not let go. */
    public function drag(WebDriverElement $from, int $right): void
    {
        [$x, $y] = $this->middle($from);
        $mouse = fn(string $type, float $at, int $buttons) => $this->tools->execute('Input.dispatchMouseEvent', ['type' => $type, 'x' => $at, 'y' => $y, 'button' => $type === 'mouseMoved' ? 'none' : 'left', 'buttons' => $buttons, 'clickCount' => 1]);
        $mouse('mouseMoved', $x, 0);
        $mouse('mousePressed', $x, 1);
        for ($i = 1; $i <= 8; ++$i) {
            $mouse('mouseMoved', $x + $right * $i / 8, 1);
        }
        $this->held = [$x + $right, $y];
    }

    public function letGo(): self
    {
        [$x, $y] = $this->held;
        $this->tools->execute('Input.dispatchMouseEvent', ['type' => 'mouseReleased', 'x' => $x, 'y' => $y, 'button' => 'left', 'buttons' => 0, 'clickCount' => 1]);

        return $this;
    }

    /** As on a machine that is so many times as slow. */
    public function slowed(int $times): void
    {
        $this->tools->execute('Emulation.setCPUThrottlingRate', ['rate' => $times]);
    }

    /** A finger put down in the middle of something and drawn over the screen. */
    public function swipe(WebDriverElement $from, int $down): void
    {
        [$x, $y] = $this->middle($from);
        $this->tools->execute('Emulation.setTouchEmulationEnabled', ['enabled' => true]);
        $touch = fn(string $type, array $points) => $this->tools->execute('Input.dispatchTouchEvent', ['type' => $type, 'touchPoints' => $points]);
        $touch('touchStart', [['x' => $x, 'y' => $y]]);
        for ($i = 1; $i <= 8; ++$i) {
            $touch('touchMove', [['x' => $x, 'y' => $y + $down * $i / 8]]);
        }
        $touch('touchEnd', []);
        $this->tools->execute('Emulation.setTouchEmulationEnabled', ['enabled' => false]);
        $this->rest();
    }

    /** @return array{float, float} of something, in px */
    private function middle(WebDriverElement $of): array
    {
        $box = $this->driver->executeScript('const r = arguments[0].getBoundingClientRect(); return [r.x + r.width / 2, r.y + r.height / 2]', [$of]);

        return is_array($box) && is_numeric($box[0] ?? null) && is_numeric($box[1] ?? null) ? [(float) $box[0], (float) $box[1]] : throw new \RuntimeException('There is nothing to take hold of.');
    }

    /** Waits until the page has run out: a page that was swiped goes on by itself, on a slow machine for longer. */
    private function rest(): void
    {
        $this->later(<<<'JS'
            const [still, done] = arguments;
            let at = scrollY;
            let since = performance.now();
            const look = () => {
                if (scrollY !== at) {
                    at = scrollY;
                    since = performance.now();
                }
                if (performance.now() - since > still) done(true);
                else requestAnimationFrame(look);
            };
            requestAnimationFrame(look);
            JS, [self::RESTS_MS]);
    }

    /** The page as it would be printed, in bytes of a PDF. */
    public function pdf(): string
    {
        $answer = $this->tools->execute('Page.printToPDF', ['printBackground' => true, 'paperWidth' => 8.27, 'paperHeight' => 11.69, 'marginTop' => 0.4, 'marginBottom' => 0.4, 'marginLeft' => 0.4, 'marginRight' => 0.4]);

        return is_string($answer['data'] ?? null) ? (string) base64_decode($answer['data'], true) : '';
    }

    /** Presses keys where the focus is. */
    public function keys(string $keys): self
    {
        $this->driver->switchTo()->activeElement()->sendKeys($keys);

        return $this;
    }

    /** Waits until the server has everything that was entered here. */
    public function nothingWaits(): self
    {
        $this->until(fn(): bool => $this->waiting() === 0, 'Something still waits on this device.');

        return $this;
    }

    /** How many entries wait on this device, as its database has it. */
    public function waiting(): int
    {
        $many = $this->later(<<<'JS'
            const done = arguments[0];
            const asked = indexedDB.open('idle-mixer');
            asked.onsuccess = () => {
                const counted = asked.result.transaction('outbox').objectStore('outbox').count();
                counted.onsuccess = () => { asked.result.close(); done(counted.result); };
            };
            JS);

        return is_int($many) ? $many : -1;
    }

    /** The line to the server is cut, until it is mended or the page loaded anew. */
    public function cutLine(): void
    {
        $this->script('window.realFetch ??= window.fetch; window.fetch = () => Promise.reject(new TypeError("Failed to fetch"));');
    }

    public function mendLine(): void
    {
        $this->script('window.fetch = window.realFetch');
    }

    public function open(string $path): self
    {
        $this->driver->get($this->address . $path);

        return $this;
    }

    /** The same, waiting until the screen is there: its own heading, not that of the frame that is painted before any script runs. */
    public function whole(string $path): self
    {
        $this->open($path)->until(fn(): bool => $this->all('#main h1') !== [] && ! str_contains($this->text(), 'One moment'), "{$path} did not come up.");

        return $this;
    }

    public function path(): string
    {
        return (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
    }

    /** Waits until the text stands somewhere on the screen. */
    public function see(string $text): self
    {
        $this->until(fn(): bool => str_contains($this->shown(), $text), fn(): string => "“{$text}” is not on the screen, which says: " . $this->gist());

        return $this;
    }

    public function text(): string
    {
        $this->settle();

        return $this->shown();
    }

    /** What stands there now, whatever comes yet. */
    public function shown(): string
    {
        $text = $this->script('return document.body?.innerText ?? ""');

        return is_string($text) ? $text : '';
    }

    /** Presses the button or link with this name. */
    public function press(string $name): self
    {
        return $this->click(fn(): WebDriverElement => $this->named('button, a, summary', $name));
    }

    public function type(string $label, string $text): self
    {
        $field = $this->labelled($label);
        $field->clear();
        $field->sendKeys($text);

        return $this;
    }

    public function choose(string $label, string $option): self
    {
        $select = new WebDriverSelect($this->labelled($label));
        $this->until(static function () use ($select, $option): bool {
            foreach ($select->getOptions() as $each) {
                if (str_starts_with(trim($each->getText()), $option)) {
                    $each->click();

                    return true;
                }
            }

            return false;
        }, "There is no option “{$option}” under “{$label}”.");

        return $this;
    }

    /** Chooses one of several by its code. */
    public function pick(string $name, string $value): self
    {
        $this->until(function () use ($name, $value): bool {
            $radio = $this->all("input[type=radio][name=\"{$name}\"][value=\"{$value}\"]")[0] ?? null;
            if ($radio === null) {
                return false;
            }
            $this->driver->executeScript('arguments[0].scrollIntoView({block: "center"})', [$radio]);
            $radio->click();

            return $radio->isSelected();
        }, "There is no {$name} {$value} to choose.");

        return $this;
    }

    /** Ticks the box, or picks the one of several, with this label. */
    public function tick(string $label): self
    {
        return $this->click(fn(): WebDriverElement => $this->labelled($label));
    }

    /**
     * Looks again where it was drawn anew between finding it and pressing it: nothing was pressed then.
     *
     * @param callable(): WebDriverElement $found
     */
    public function click(callable $found): self
    {
        $this->until(static function () use ($found): bool {
            $found()->click();

            return true;
        }, 'What was to be pressed is drawn anew without end.');

        return $this;
    }

    /** @return list<WebDriverElement> */
    public function all(string $css): array
    {
        return array_values($this->driver->findElements(WebDriverBy::cssSelector($css)));
    }

    public function script(string $script): mixed
    {
        return $this->driver->executeScript($script);
    }

    /** @param list<mixed> $arguments */
    public function later(string $script, array $arguments = []): mixed
    {
        return $this->driver->executeAsyncScript($script, $arguments);
    }

    /** @return list<string> every address that was asked for, of any kind */
    public function requests(): array
    {
        $all = [];
        foreach ($this->log('performance') as $message) {
            $decoded = json_decode($message, true);
            $event = is_array($decoded) && is_array($decoded['message'] ?? null) ? $decoded['message'] : [];
            $params = is_array($event['params'] ?? null) ? $event['params'] : [];
            $request = is_array($params['request'] ?? null) ? $params['request'] : [];
            if (($event['method'] ?? '') === 'Network.requestWillBeSent' && is_string($request['url'] ?? null)) {
                $all[] = $request['url'];
            }
        }

        return $all;
    }

    /** @return list<string> what the browser complained of: scripts that broke, things the policy forbade */
    public function complaints(): array
    {
        return $this->log('browser');
    }

    /**
     * @param callable(): bool            $holds
     * @param string|callable(): string $otherwise what to say when it never does
     */
    public function until(callable $holds, string|callable $otherwise): void
    {
        $end = microtime(true) + self::PATIENCE_SECONDS;
        do {
            try {
                if ($holds() === true) {
                    return;
                }
            } catch (StaleElementReferenceException) {
                // It was drawn anew in between: look again.
            }
            usleep(40_000);
        } while (microtime(true) < $end);
        throw new \RuntimeException(is_string($otherwise) ? $otherwise : $otherwise());
    }

    /**
     * Problems that axe-core finds, each with where.
     *
     * @param string ...$rules only these; all where none is named
     */
    public function axe(string ...$rules): string
    {
        $this->script((string) file_get_contents(Served::root() . '/node_modules/axe-core/axe.min.js'));
        $found = $this->later(<<<'JS'
            const [rules, done] = arguments;
            const kinds = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'best-practice'];
            // A colour on its way from one theme to the other is no fault.
            document.getAnimations().forEach((each) => { try { each.finish(); } catch { each.cancel(); } });
            axe.run(document, { resultTypes: ['violations'], iframes: false, runOnly: rules.length > 0 ? { type: 'rule', values: rules } : kinds }).then((result) =>
                done(result.violations.map((v) => v.id + ': ' + v.nodes.map((n) => n.target.join(' ') + ' ' + n.failureSummary).join(' | ')).join('\n')));
            JS, [$rules]);

        return is_string($found) ? $found : 'axe did not run';
    }

    /** Sends what a form would have sent; returns the id of what was made. */
    public function made(string $path, string $body): int
    {
        $id = $this->later(<<<'JS'
            const [path, body, done] = arguments;
            fetch(path, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ submission: crypto.randomUUID(), ...JSON.parse(body) }) })
                .then((answer) => answer.json()).then((made) => done(made.id ?? JSON.stringify(made)));
            JS, [$path, $body]);

        return is_int($id) ? $id : throw new \RuntimeException("{$path} made nothing: " . (is_string($id) ? $id : get_debug_type($id)));
    }

    public function named(string $css, string $name): WebDriverElement
    {
        return $this->found(<<<'JS'
            const [css, name] = arguments;
            return [...document.querySelectorAll(css)].find((each) => (each.getAttribute('aria-label') ?? each.innerText.replaceAll('\u00a0', ' ').trim()) === name && each.checkVisibility({ visibilityProperty: true }) && !each.disabled) ?? null;
            JS, [$css, $name], "nothing to press named “{$name}”");
    }

    /**
     * Waits for what a question to the page finds, and brings it into the middle.
     *
     * @param list<string> $arguments
     */
    private function found(string $question, array $arguments, string $what): WebDriverElement
    {
        $found = null;
        $this->settle()->until(function () use ($question, $arguments, &$found): bool {
            $answer = $this->driver->executeScript("const found = (function () { {$question} })(...arguments); found?.scrollIntoView({ block: 'center' }); return found;", $arguments);
            $id = is_array($answer) ? JsonWireCompat::getElement($answer) : null;
            $found = is_string($id) ? new RemoteWebElement(new RemoteExecuteMethod($this->driver), $id, true) : null;

            return $found !== null;
        }, fn(): string => "There is {$what}; the screen says: " . $this->gist());
        assert($found instanceof WebDriverElement);

        return $found;
    }

    /** What was seen when it went wrong; a browser that broke shows nothing, and what broke it is told all the same. */
    private function picture(\Throwable $why): void
    {
        $folder = Served::root() . '/var/failed';
        is_dir($folder) || mkdir($folder, 0o777, true);
        try {
            $this->driver->takeScreenshot("{$folder}/" . preg_replace('/\W+/', '-', basename($why->getFile(), '.php') . '-' . $why->getLine()) . '.png');
        } catch (PhpWebDriverExceptionInterface) {
            return;
        }
    }

    private function gist(): string
    {
        $complaints = implode(' ', $this->complaints());

        return mb_substr($this->shown(), 0, 4000) . ($complaints === '' ? '' : " (the browser complains: {$complaints})");
    }

    private function labelled(string $label): WebDriverElement
    {
        // A word of a sentence bears its label itself.
        return $this->found(<<<'JS'
            const [label] = arguments;
            const seen = (each) => each.checkVisibility({ visibilityProperty: true });
            const said = [...document.querySelectorAll('label')].find((each) => seen(each) && each.innerText.trim().startsWith(label));
            return said?.control ?? [...document.querySelectorAll('select[aria-label], input[aria-label]')].find((each) => each.getAttribute('aria-label') === label && seen(each)) ?? null;
            JS, [$label], "no field labelled “{$label}”");
    }

    /** @return list<string> */
    private function log(string $kind): array
    {
        $messages = [];
        foreach ($this->driver->manage()->getLog($kind) as $entry) {
            if (is_array($entry) && is_string($entry['message'] ?? null)) {
                $messages[] = $entry['message'];
            }
        }

        return $messages;
    }
}
