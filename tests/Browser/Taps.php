<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverElement;

/** Walks through the screens as a hand does, and counts: a press, a tick or a field typed into is one tap, a choice from a list two. */
final class Taps
{
    public int $count = 0;

    /** The longest wait for what was asked for, in ms, and what it was. */
    public float $longest = 0.0;

    public string $waitedFor = '';

    /** @param (callable(string): void)|null $picture taken after each step, where somebody wants to look */
    public function __construct(public readonly Screen $screen, private $picture = null) {}

    public function press(string $name, string $then): self
    {
        return $this->step(1, $name, $then, fn() => $this->screen->press($name));
    }

    /** Presses what bears a part of its name only. */
    public function pressWhere(string $css, string $then): self
    {
        return $this->step(1, $css, $then, function () use ($css): void {
            $this->screen->until(fn(): bool => $this->screen->all($css) !== [], "There is no {$css}.");
            $this->screen->click(function () use ($css): WebDriverElement {
                $found = $this->screen->all($css)[0];
                $this->screen->driver->executeScript('arguments[0].scrollIntoView({block: "center"})', [$found]);

                return $found;
            });
        });
    }

    public function tick(string $label, string $then): self
    {
        return $this->step(1, $label, $then, fn() => $this->screen->tick($label));
    }

    public function type(string $label, string $text, string $then): self
    {
        return $this->step(1, $label, $then, fn() => $this->screen->type($label, $text));
    }

    public function choose(string $label, string $option, string $then): self
    {
        return $this->step(2, $label, $then, fn() => $this->screen->choose($label, $option));
    }

    /** Through all steps of mixing, a tap each, until something stands there. */
    public function mix(string $until): self
    {
        for ($i = 0; $i < 80 && ! str_contains($this->screen->text(), $until); ++$i) {
            $ring = $this->screen->script("return [...document.querySelectorAll('[data-ring]')].find((e) => e.checkVisibility() && e.getAttribute('aria-pressed') !== 'true')?.getAttribute('aria-label') ?? null");
            $this->step(1, 'mixing', '', fn() => $this->screen->press(match (true) {
                is_string($ring) => $ring,
                // A glass that stood a minute and shows nothing.
                str_contains($this->screen->text(), 'Fill a glass and let it stand') && str_contains($this->screen->text(), 'even, no oil on top') && $this->screen->all('button[data-part="tick"]')[0]->getText() === 'Skip the glass' => 'even, no oil on top',
                default => $this->screen->all('button[data-part="tick"]')[0]->getText(),
            }));
        }
        $this->screen->see($until);

        return $this;
    }

    /** Through a walk in the bed, a tap each, up to what is left over. */
    public function through(): self
    {
        for ($i = 0; $i < 60 && $this->screen->all('[data-part="done"]') !== []; ++$i) {
            $this->pressWhere('[data-part="done"]', '');
            $this->screen->settle();
        }

        return $this;
    }

    private function step(int $taps, string $name, string $then, callable $does): self
    {
        $does();
        $this->count += $taps;
        $asked = hrtime(true);
        if ($then !== '') {
            $this->screen->see($then);
        }
        $took = (hrtime(true) - $asked) / 1e6;
        if ($took > $this->longest) {
            [$this->longest, $this->waitedFor] = [$took, "{$name}: {$then}"];
        }
        if ($this->picture !== null) {
            ($this->picture)($name);
        }

        return $this;
    }
}
