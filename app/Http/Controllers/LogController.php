<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Api\Call;
use App\Http\RefusedCall;
use App\Records\Fresh;
use App\Records\Log\CsvReader;
use App\Records\Log\CsvReport;
use App\Records\Log\CsvWriter;
use App\Records\Log\LogReader;
use App\Records\Log\LogWriter;
use Generator;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Words\Say;
use Illuminate\Database\Connection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Exception\UnsupportedMediaTypeHttpException;

/** The whole log out of this notebook, and that of another into it. */
final readonly class LogController
{
    private const KEEP = ['all', 'good', 'none'];

    public function __construct(private ClockInterface $clock) {}

    #[Call('The whole log as one document', answer: 'object')]
    public function json(LogWriter $writer, Fresh $fresh): StreamedResponse
    {
        $fresh->all();

        return self::stream($writer->pieces($this->clock->now()), 'application/json', 'idle-mixer-log.json');
    }

    #[Call('The whole log as a table, one row an observation', type: 'text/csv')]
    public function csv(CsvWriter $writer, Fresh $fresh): StreamedResponse
    {
        $fresh->all();

        return self::stream($writer->pieces(), 'text/csv; charset=utf-8', 'idle-mixer-log.csv');
    }

    #[Call('Take in the log of another notebook, all of it or nothing', answer: ['taken' => ['type' => 'object', 'additionalProperties' => ['type' => 'integer']]], body: 'object')]
    public function takeJson(Request $request, LogReader $reader): JsonResponse
    {
        if ($request->getContentTypeFormat() !== 'json') {
            throw new UnsupportedMediaTypeHttpException();
        }

        return new JsonResponse(['taken' => $reader->take(self::file($request), $this->clock->now())]);
    }

    /** `keep` says what becomes of the good rows where others are bad: all or nothing, the good ones, or a look only. */
    #[Call('Take in a table of looks and sprayings', answer: ['kept' => 'boolean', 'rows' => 'integer', 'new' => 'integer', 'known' => 'integer', 'bad' => 'integer', 'plants' => 'integer', 'cases' => 'integer', 'faults' => [['line' => 'integer', 'reason' => 'string']]], body: 'string', takes: 'text/csv', query: ['keep' => ['enum' => ['all', 'good', 'none']]])]
    public function takeCsv(Request $request, CsvReader $reader, Connection $notebook): JsonResponse
    {
        if (! str_starts_with((string) $request->headers->get('Content-Type'), 'text/csv')) {
            throw new UnsupportedMediaTypeHttpException();
        }
        $keep = $request->query('keep', 'all');
        if (! is_string($keep) || ! in_array($keep, self::KEEP, true)) {
            throw InvalidDocument::because('/keep', Say::it('calls/log-controller.nothing-that-can-be-done', ['keep' => implode(', ', self::KEEP)]), is_string($keep) ? $keep : null);
        }
        $level = $notebook->transactionLevel();
        $notebook->beginTransaction();
        $report = $reader->take(self::file($request), $this->clock->now());
        $kept = $keep === 'good' || ($keep === 'all' && $report->bad === 0);
        if ($kept) {
            $notebook->commit();
        } else {
            $notebook->rollBack($level);
        }

        return new JsonResponse(self::told($report, $kept));
    }

    /** @return array<string, mixed> */
    private static function told(CsvReport $report, bool $kept): array
    {
        return ['kept' => $kept, 'rows' => $report->rows, 'new' => $report->new, 'known' => $report->known, 'bad' => $report->bad, 'plants' => $report->plants, 'cases' => $report->cases, 'faults' => $report->faults];
    }

    /** @return resource */
    private static function file(Request $request)
    {
        $file = $request->getContent(true);

        return is_resource($file) ? $file : throw RefusedCall::conflict(Say::it('calls/log-controller.what-was-sent-cannot-be'));
    }

    /** @param Generator<int, string> $pieces */
    private static function stream(Generator $pieces, string $type, string $name): StreamedResponse
    {
        return new StreamedResponse(static function () use ($pieces): void {
            foreach ($pieces as $piece) {
                echo $piece;
                flush();
            }
        }, 200, ['Content-Type' => $type, 'Content-Disposition' => Say::it('calls/log-controller.attachment-filename', ['name' => $name])]);
    }
}
