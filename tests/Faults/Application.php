<?php

declare(strict_types=1);

namespace Tests\Faults;

use App\Http\Arrival;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application as Laravel;
use PDO;
use Symfony\Component\HttpFoundation\Response;
use Tests\Browser\Served;

/** The application of this very process: what it answers without a line between. Begun anew now and then, as a served one is with each call. */
final class Application
{
    /** Begun anew after so many calls: what one leaves behind for the next would be seen, and would grow without an end. */
    private const CALLS = 200;

    private ?Laravel $app = null;

    private int $calls = 0;

    private readonly Names $names;

    public function __construct()
    {
        $this->names = new Names(fn(string $path): array => $this->once(new Call('GET', $path, []))->json);
    }

    public function answer(Call $call): Reply
    {
        $reply = $this->once($this->names->in($call));
        $this->names->learn($call, $reply->json);

        return $reply;
    }

    private function once(Call $call): Reply
    {
        if ($this->calls++ % self::CALLS === 0) {
            $this->app?->flush();
            $app = require Served::root() . '/bootstrap/app.php';
            assert($app instanceof Laravel);
            $app->make(Kernel::class)->bootstrap();
            // A line that is kept open would be shared by the one before, and what that one ends when it goes would be the next one's.
            config(['database.connections.sqlite.options' => [PDO::ATTR_PERSISTENT => false]]);
            $this->app = $app;
        }
        assert($this->app !== null);
        $body = $call->method === 'GET' ? '' : json_encode((object) $call->body, \JSON_THROW_ON_ERROR | \JSON_INVALID_UTF8_SUBSTITUTE);
        $request = Arrival::create("http://127.0.0.1{$call->path}", $call->method, server: ['CONTENT_TYPE' => 'application/json', 'REMOTE_ADDR' => '127.0.0.1'], content: $body);
        $response = $this->app->make(Kernel::class)->handle($request);
        $json = json_decode(self::text($response), true);

        return new Reply($response->getStatusCode(), is_array($json) ? $json : []);
    }

    private static function text(Response $response): string
    {
        ob_start();
        $response->sendContent();

        return (string) ob_get_clean();
    }
}
