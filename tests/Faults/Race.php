<?php

declare(strict_types=1);

namespace Tests\Faults;

use Closure;

/** Two devices that call at the very same time, and what must come of it. */
final readonly class Race
{
    /**
     * @param list<Call>                   $calls
     * @param Closure(list<Reply>): bool $right whether what was acknowledged is right
     */
    private function __construct(public string $what, public array $calls, private Closure $right) {}

    /** @param int $version how many races were run with this plant before */
    public static function numbered(int $n, int $plant, int $case, int $batch, int $version): self
    {
        $count = static fn(int $value): Call => new Call('POST', "/api/cases/{$case}/counts", ['submission' => sprintf('10000000-0000-4000-8000-%012d', $n), 'value' => $value]);
        $named = static fn(string $name): Call => new Call('PUT', "/api/plants/{$plant}", ['basedOn' => 1 + intdiv($version, 4), 'name' => "{$name} {$n}", 'tolerance' => 'ordinary-leaf']);
        $one = static fn(array $saved): bool => count($saved) === 1;

        return match ($n % 4) {
            0 => new self('the same count twice', [$count($n), $count($n)], self::sameTwice(...)),
            1 => new self('two counts under one key', [$count($n), $count($n + 1)], $one),
            2 => new self('two changes of one plant', [$named('One'), $named('Other')], $one),
            default => new self('two ways out of two loads', [self::slip($batch, 1, $n), self::slip($batch, 2, $n)], static fn(array $saved): bool => count($saved) === 2),
        };
    }

    /** One of a submission alone: what is sent twice as it is, and what says something else under the same key. */
    public static function ofSubmission(int $n, int $case): self
    {
        $count = static fn(int $value): Call => new Call('POST', "/api/cases/{$case}/counts", ['submission' => sprintf('10000000-0000-4000-8000-%012d', $n), 'value' => $value]);
        $plant = static fn(string $name): Call => new Call('POST', '/api/plants', ['submission' => sprintf('20000000-0000-4000-8000-%012d', $n), 'name' => $name, 'tolerance' => 'ordinary-leaf']);
        $one = static fn(array $saved): bool => count($saved) === 1;

        return match ($n % 4) {
            0 => new self('the same count twice', [$count($n), $count($n)], self::sameTwice(...)),
            1 => new self('two counts under one key', [$count($n), $count($n + 1)], $one),
            2 => new self('the same plant twice', [$plant("Plant {$n}"), $plant("Plant {$n}")], static fn(array $saved): bool => count($saved) === 2 && $saved[0]->id() === $saved[1]->id()),
            default => new self('two plants under one key', [$plant("Plant {$n}"), $plant("Plant {$n}, other")], $one),
        };
    }

    /** @param list<Reply> $replies */
    public function isRight(array $replies): bool
    {
        $saved = [];
        foreach ($replies as $reply) {
            if ($reply->acknowledged()) {
                $saved[] = $reply;
            } elseif ($reply->status !== 409 || ! is_array($reply->at('conflict'))) {
                return false;
            }
        }

        return ($this->right)($saved);
    }

    public static function slip(int $batch, int $load, int $n): Call
    {
        return new Call('PUT', "/api/batches/{$batch}/loads/{$load}/slip", ['basedOn' => 1_000_000, 'slips' => [['kind' => 'count', 'item' => 'neem-oil', 'scoop' => 0, 'from' => 5, 'to' => 8 + $n % 2]], 'remedy' => 'pour-off']);
    }

    /** @param list<Reply> $saved */
    private static function sameTwice(array $saved): bool
    {
        return count($saved) === 2 && $saved[0]->id('saved.id') === $saved[1]->id('saved.id');
    }
}
