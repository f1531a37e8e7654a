<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Data\EmulsionLines;
use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Schedule\FairTime;
use IdleMixer\Core\Schedule\HoldingRule;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\Item;
use IdleMixer\Core\Work\Load;
use IdleMixer\Core\Work\Step;

/** Puts findings, steps and cautions into sentences: the one place where wording is made. */
final readonly class Sentences
{
    /** Seconds; what practice says of a mix that nothing was forecast for: 30 to 60 s (common practice, no source). */
    private const USUAL_RESHAKE = EmulsionLines::USUAL_RESHAKE['value'];

    private const ASKED_BY_STEPS = ['{water}', '{roughly}', '{volume}', '{again}', '{name}', '{scoops} of {name}', '{scoops}', '{stock}', '{amount} of {of}', '{keeps}'];

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
        return self::of(SourceCatalogue::shipped());
    }

    /** @param SourceCatalogue $sources those that the numbers come from, where they are not the shipped ones */
    public static function of(SourceCatalogue $sources): self
    {
        /** @var array<string, string> $verdicts */
        $verdicts = Say::words('verdicts');
        /** @var array<string, string> $steps */
        $steps = Say::words('steps');
        /** @var array<string, string> $cautions */
        $cautions = Say::words('cautions');

        return new self($verdicts, $steps, $cautions, $sources);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function verdict(Verdict $verdict): string
    {
        $args = $verdict->args;
        foreach (['ago', 'left'] as $span) {
            if (isset($args["hours-{$span}"])) {
                $args[$span] = Durations::rounded((float) $args["hours-{$span}"]);
            }
        }

        if (isset($args['days'])) {
            $args['span'] = self::days((float) $args['days']);
            $args['every'] = $args['span'] === '1 day' ? 'day' : $args['span'];
        }

        if (isset($args['wait-days'])) {
            $args['wait'] = self::days((float) $args['wait-days']);
        }
        if (isset($args['burn-bound'])) {
            $args['burn-share'] = LeavesIn::percent((float) $args['burn-bound']);
        }
        if (isset($args['seconds'])) {
            $args['holds'] = Durations::interval((float) $args['seconds']);
        }
        $depends = (string) ($args['depends'] ?? '');
        $args['depends'] = $depends === '' ? '' : ' ' . ($this->verdicts[$depends] ?? throw MissingWords::becauseOf($depends));
        foreach (['dose', 'water', 'use', 'in-all'] as $scoop) {
            if (isset($args["{$scoop}-count"])) {
                $args[$scoop] = Measures::counted((int) $args["{$scoop}-count"], (float) $args["{$scoop}-amount"], Unit::from((string) $args["{$scoop}-unit"]), (string) ($args["{$scoop}-name"] ?? ''));
            }
        }

        return ucfirst($this->fill($this->verdicts[$verdict->finding->wording()] ?? throw MissingWords::becauseOf($verdict->finding->wording()), $args));
    }

    private static function days(float $days): string
    {
        return match (true) {
            $days < 1.0 => Say::it('wording/sentences.under-a-day'),
            $days === 1.0 => '1 day',
            default => Say::it('wording/sentences.days', ['days' => Figures::short(floor($days))]),
        };
    }

    /** "published, noted from memory", "common practice, no source", "our own limit". */
    public function standing(string $source): string
    {
        $found = $this->sources->get($source);

        return $found->standing->words() . ($found->fromMemory ? Say::it('wording/sentences.noted-from-memory') : '');
    }

    /**
     * The one thing to do about it, with the hands and the spoons at hand; empty where nothing is wrong.
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function remedy(Verdict $verdict): string
    {
        if ($verdict->level === Level::Ok) {
            return '';
        }
        $all = Say::all('remedies');
        $key = $verdict->finding->wording();
        $sentence = $all[$key] ?? throw MissingWords::becauseOf("remedies/{$key}");
        if (! str_contains($sentence, '{share}')) {
            return $sentence;
        }
        $args = $verdict->args;
        // By how much it is over what is borne well, as a part that spoons can measure.
        $over = isset($args['times']) ? (float) $args['times'] / 100.0 : (float) ($args['percent'] ?? 0.0) / (float) ($args['limit'] ?? 1.0);
        foreach (GateLines::SHARES['value'] as $share) {
            if ($over * $share <= 1.0) {
                return strtr($sentence, ['{share}' => Say::all('shares')[(string) $share], '{what}' => (string) ($args['what'] ?? '')]);
            }
        }

        return $all['another-spray'];
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function step(Step $step, Load $load, Unit $unit): string
    {
        $template = Written::marked($this->steps[$step->code->value] ?? throw MissingWords::becauseOf($step->code->value), []);
        $ml = (float) ($step->args['mL'] ?? 0.0);
        $item = $step->item === null ? null : $load->items[$step->item];

        // A plan has many steps: only what a sentence asks for is put into words.
        $pairs = [];
        foreach (self::ASKED_BY_STEPS as $key) {
            if (str_contains($template, $key)) {
                $pairs[$key] = match ($key) {
                    '{water}' => Measures::metric($ml),
                    '{roughly}' => Measures::roughly($ml, $unit),
                    '{volume}' => Measures::volume($ml, $unit),
                    '{stock}' => (string) ($step->args['stock'] ?? ''),
                    '{amount} of {of}' => Measures::amountOf(Amount::of((float) ($step->args['amount'] ?? 0.0), Unit::from((string) ($step->args['unit'] ?? '1'))), (string) ($step->args['of'] ?? '')),
                    '{keeps}' => Durations::words((float) ($step->args['keeps'] ?? 0.0)),
                    '{again}' => Durations::interval((float) ($step->args['again'] ?? self::USUAL_RESHAKE)),
                    '{name}' => $item?->name() ?? '',
                    '{scoops} of {name}' => $item === null ? '' : $this->scoopsOf($item),
                    '{scoops}' => $item === null ? '' : $this->scoops($item),
                };
            }
        }

        return strtr($template, $pairs);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function caution(string $code): string
    {
        return $this->cautions[$code] ?? throw MissingWords::becauseOf($code);
    }

    public function holding(HoldingRule $rule): string
    {
        $strict = ['strict' => Durations::words($rule->strict->value), 'from' => $this->standing($rule->strict->source)];

        return $rule->strict->value === $rule->patient->value ? Say::it('wording/sentences.use-within-of-mixing', $strict) : Say::it('wording/sentences.use-within-of-mixing-some', [
            ...$strict,
            'patient' => Durations::words($rule->patient->value),
            'patient-from' => $this->standing($rule->patient->source),
        ]);
    }

    public function fairLook(FairTime $time): string
    {
        $judged = ['hours' => Durations::words($time->judged->value), 'from' => $this->standing($time->judged->source)];

        return $time->first->value < $time->judged->value
            ? Say::it('wording/sentences.look-after-judge-after-at', [...$judged, 'first' => Durations::words($time->first->value)])
            : Say::it('wording/sentences.judge-after-at-earliest', $judged);
    }

    private function scoopsOf(Item $item): string
    {
        $way = $item->measured->thinned;
        if ($way !== null && ($way->dose === null || $way->water === null)) {
            return Say::it('wording/sentences.saturated', ['use' => Measures::scoop($way->use), 'ml' => Measures::metric($way->millilitres()), 'name' => $item->name()]);
        }
        if ($way !== null) {
            return Say::it('wording/sentences.thinned', ['use' => Measures::scoop($way->use), 'ml' => Measures::metric($way->millilitres()), 'dose' => Measures::scoop($way->dose), 'name' => $item->name(), 'water' => Measures::scoop($way->water)]);
        }

        return $item->part?->ingredient->pieceVolume !== null ? Measures::of($item->measured, $item->name()) : Say::it('wording/sentences.of', ['scoops' => $this->scoops($item), 'name' => $item->name()]);
    }

    private function scoops(Item $item): string
    {
        return Measures::scoops($item->measured) . ' (' . Measures::metric($item->measured->millilitres()) . ')';
    }

    /**
     * Two figures, and a third where the two would read like a limit that it is not.
     *
     * @param array<float|int|string> $limits
     */
    private static function percent(float $value, array $limits): string
    {
        $said = Figures::percent($value);
        foreach ($limits as $limit) {
            if ((float) $limit !== $value && Figures::percent((float) $limit) === $said) {
                return Figures::short($value);
            }
        }

        return $said;
    }

    /** @param array<string, int|float|string> $args */
    private function fill(string $template, array $args): string
    {
        $template = Written::marked($template, $args);
        $pairs = [];
        $limits = array_filter([$args['limit'] ?? null, $args['stop'] ?? null, $args['needed'] ?? null], is_numeric(...));
        foreach ($args as $key => $value) {
            $pairs['{' . $key . '}'] = match (true) {
                is_string($value) => $value,
                preg_match('/\\{' . preg_quote($key, '/') . '\\} (%|\\{unit\\}|g per)/', $template) === 1 => self::percent((float) $value, $limits),
                default => Figures::short((float) $value),
            };
        }

        return strtr($template, $pairs);
    }
}
