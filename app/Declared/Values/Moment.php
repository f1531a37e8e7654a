<?php

declare(strict_types=1);

namespace App\Declared\Values;

use App\Declared\Value;
use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Document\Node;
use Psr\Clock\ClockInterface;

/** An instant, kept in UTC to the second. */
final readonly class Moment implements Value
{
    private const EARLIEST = '1900-01-01T00:00:00Z';

    private const LATEST = '2200-01-01T00:00:00Z';

    private const KEPT = 'Y-m-d H:i:s';

    private function __construct(private ?ClockInterface $clock) {}

    /** What has happened; a clock may be a day ahead. */
    public static function past(ClockInterface $clock): self
    {
        return new self($clock);
    }

    public static function any(): self
    {
        return new self(null);
    }

    public function read(Node $node): string
    {
        $latest = $this->clock === null ? new DateTimeImmutable(self::LATEST) : $this->clock->now()->modify('+1 day');

        return $node->instant(new DateTimeImmutable(self::EARLIEST), $latest)->format(self::KEPT);
    }

    public function told(bool|float|int|string $kept): string
    {
        $at = DateTimeImmutable::createFromFormat(self::KEPT, (string) $kept, new DateTimeZone('UTC'));

        return ($at === false ? new DateTimeImmutable((string) $kept, new DateTimeZone('UTC')) : $at)->format('Y-m-d\TH:i:s\Z');
    }

    public function cast(): string
    {
        return 'immutable_datetime';
    }

    public function schema(): array
    {
        return ['type' => 'string', 'format' => 'date-time'];
    }
}
