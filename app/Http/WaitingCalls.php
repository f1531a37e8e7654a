<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Input\WaitingInput;
use App\Http\Middleware\ByItsHour;
use App\Http\Middleware\OfThisNotebook;
use Illuminate\Contracts\Container\Container;
use Illuminate\Http\Request;
use Illuminate\Pipeline\Pipeline;
use Symfony\Component\HttpFoundation\Response;

/** Does what waited on a device inside one call: each with the notebook that it is meant for and its own hour, and kept by itself. */
final readonly class WaitingCalls
{
    /** What is broken or busy from here on is not asked for the next. */
    private const BROKEN = 500;

    private const BUSY = 429;

    /** What a call says of its notebook and its hour. */
    public const HEADERS = [OfThisNotebook::HEADER, ByItsHour::SENT, ByItsHour::ACTED, ByItsHour::KNOWN, ByItsHour::DRIFT];

    public function __construct(private InnerCalls $calls, private Container $container) {}

    /**
     * @param list<WaitingInput> $entries
     *
     * @return string the answers in their order, as JSON; fewer than were asked for where one has to wait on
     */
    public function done(Request $outer, array $entries): string
    {
        $answers = [];
        foreach ($entries as $entry) {
            $response = $this->one($outer, $entry);
            $mark = $response->headers->get(OfThisNotebook::HEADER);
            $body = (string) $response->getContent();
            $answers[] = sprintf('{"status":%d,"mark":%s,"body":%s}', $response->getStatusCode(), json_encode($mark, \JSON_THROW_ON_ERROR), $body === '' ? 'null' : $body);
            if ($response->getStatusCode() >= self::BROKEN || $response->getStatusCode() === self::BUSY) {
                break;
            }
        }
        $this->container->instance('request', $outer);

        return '{"answers":[' . implode(',', $answers) . ']}';
    }

    private function one(Request $outer, WaitingInput $entry): Response
    {
        $inner = Arrival::create($entry->path, $entry->method, cookies: $outer->cookies->all(), server: $outer->server->all(), content: $entry->body);
        foreach (self::HEADERS as $name) {
            $inner->headers->remove($name);
        }
        $inner->headers->add($entry->headers);
        $this->container->instance('request', $inner);
        $response = (new Pipeline($this->container))->send($inner)->through([OfThisNotebook::class, ByItsHour::class])->then($this->calls->dispatched(...));
        assert($response instanceof Response);

        return $response;
    }
}
