<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Mix\Item;
use IdleMixer\Core\Mix\Load;
use IdleMixer\Core\Mix\Step;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Source\SourceCatalogue;

/** Puts findings, steps and cautions into sentences: the one place where wording is made. */
final readonly class Sentences
{
    /**
     * @param array<string, string> $verdicts
     * @param array<string, string> $steps
     * @param array<string, string> $cautions
     */
    public function __construct(
        private array $verdicts,
        private array $steps,
        private array $cautions,
        private SourceCatalogue $sources,
    ) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $verdicts */
        $verdicts = require __DIR__ . '/../../data/verdict-words.php';
        /** @var array<string, string> $steps */
        $steps = require __DIR__ . '/../../data/step-words.php';
        /** @var array<string, string> $cautions */
        $cautions = require __DIR__ . '/../../data/caution-words.php';

        return new self($verdicts, $steps, $cautions, SourceCatalogue::shipped());
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function verdict(Verdict $verdict): string
    {
        $args = $verdict->args;
        if ($verdict->source !== null) {
            $args['limit-from'] = $this->standing($verdict->source);
        }

        return ucfirst($this->fill($this->verdicts[$verdict->wording] ?? throw MissingWords::becauseOf($verdict->wording), $args));
    }

    /** "published", "common practice, no source", "our own limit"; for published ones by whom, too. */
    public function standing(string $source): string
    {
        $found = $this->sources->get($source);
        $words = $found->standing->words();

        return $words === 'published' ? 'published: ' . $found->words() : $words;
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function step(Step $step, Load $load, Unit $unit): string
    {
        $args = $step->args;
        $ml = (float) ($args['mL'] ?? 0.0);
        $args['water'] = Measures::metric($ml);
        $args['volume'] = Measures::volume($ml, $unit);
        if ($step->item !== null) {
            $item = $load->items[$step->item];
            $args['name'] = $item->name();
            $args['scoops'] = $this->scoops($item);
        }

        return $this->fill($this->steps[$step->code] ?? throw MissingWords::becauseOf($step->code), $args);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function caution(string $code): string
    {
        return $this->cautions[$code] ?? throw MissingWords::becauseOf($code);
    }

    private function scoops(Item $item): string
    {
        return Measures::scoops($item->measured) . ' (' . Measures::metric($item->measured->millilitres()) . ')';
    }

    /** @param array<string, int|float|string> $args */
    private function fill(string $template, array $args): string
    {
        $pairs = [];
        foreach ($args as $key => $value) {
            $pairs['{' . $key . '}'] = is_string($value) ? $value : Figures::short((float) $value);
        }

        return strtr($template, $pairs);
    }
}
