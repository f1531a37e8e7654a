<?php

declare(strict_types=1);

namespace App\Records\Log;

use App\Declared\Arrivals;
use App\Declared\Identities;
use App\Declared\LogSchema;
use App\Declared\Records;
use App\Declared\ToBuySchema;
use App\Models\Stale;
use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonStream;
use IdleMixer\Core\Words\Say;

/** Takes in the log of another notebook. What is here already stays as it is; all of it or nothing: call it inside a transaction. */
final readonly class LogReader
{
    /** Bytes of one entry of a list. */
    private const LONGEST_ENTRY = 8_000_000;

    /** What is counted besides the lists. */
    private const WITHIN = ['rounds' => 0, 'counts' => 0];

    public function __construct(private Records $records, private Intake $intake, private OlderBatches $older) {}

    /**
     * @param resource $file
     *
     * @return array<string, int> how many of each were new here
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function take($file, DateTimeImmutable $now): array
    {
        $lists = $this->records->lists();
        $taken = [...array_map(static fn(): int => 0, $lists), ...self::WITHIN];
        $arrivals = Arrivals::ofDocument(new Identities());
        $announced = [];
        foreach ((new JsonStream($file, self::LONGEST_ENTRY))->entries() as $path => $entry) {
            $list = explode('/', $path)[1];
            if (count($announced) < 2 && ! in_array($list, ['format', 'version'], true)) {
                throw InvalidDocument::because('', Say::it('log/log-reader.this-no-log-its-format'), null);
            }
            if ($list === 'format') {
                $announced[$entry->word([LogSchema::FORMAT], 'format')] = true;
            } elseif ($list === 'version') {
                $announced[$entry->whole(1, LogSchema::VERSION)] = true;
            } elseif ($list !== ToBuySchema::LIST) {
                $record = $lists[$list] ?? throw InvalidDocument::because("/{$list}", Say::it('log/log-reader.nothing-known-of-in-log', ['lists' => implode(', ', array_keys($lists))]), $list);
                $taken[$list] += $this->older->isOlder($record, $entry) ? $this->older->take($entry, $arrivals, $now) : $this->intake->take($record, $entry, $arrivals, $taken);
            }
        }
        if (count($announced) < 2) {
            throw InvalidDocument::because('/format', Say::it('log/log-reader.this-no-log-to-stand', ['format' => LogSchema::FORMAT]), null);
        }
        $this->intake->joinUp($arrivals);
        if (array_sum($taken) > 0) {
            Stale::everything();
        }

        return $taken;
    }
}
