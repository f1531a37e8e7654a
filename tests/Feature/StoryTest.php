<?php

declare(strict_types=1);

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Tests\Feature\Notebook;

/** The page of a case, as it comes. */
function storyOf(int $case): Symfony\Component\HttpFoundation\Response
{
    return app(Kernel::class)->handle(Request::create("http://127.0.0.1/api/cases/{$case}/story", 'GET', server: ['REMOTE_ADDR' => '127.0.0.1', 'HTTP_HOST' => '127.0.0.1']));
}

it('tells a case from first sight to closed on one page that needs nothing else', function (): void {
    app(Database\Demo\DemoSeason::class)->write(new DateTimeImmutable());
    $page = storyOf(2);
    $text = (string) $page->getContent();
    expect($page->getStatusCode())->toBe(200)
        ->and($text)->toContain('<h1>Aphids on Dahlia by the gate</h1>', 'First seen. Ants on the stems', '120 aphids on ten tips', 'Round 1: Castile and kitchen oil', 'Henderson and Tilton 1955', 'Closed. Clean for three weeks', '<svg')
        // Nothing is fetched from anywhere.
        ->and(preg_match('#(src|href)="(?!data:)#', $text))->toBe(0)->and($text)->not->toContain('<script', 'http://', 'https://')
        ->and((string) $page->headers->get('Content-Security-Policy'))->toContain("default-src 'none'");
    preg_match('#<style>(.*?)</style>#s', $text, $style);
    expect((string) $page->headers->get('Content-Security-Policy'))->toContain(base64_encode(hash('sha256', $style[1] ?? '', true)));
    // In order of time.
    preg_match_all('#<th scope="row">([^<]+)</th>#', $text, $times);
    $seconds = array_map(strtotime(...), $times[1]);
    $sorted = $seconds;
    sort($sorted);
    expect(count($seconds))->toBeGreaterThan(9)->and($seconds)->toBe($sorted);
});

it('shows script in a name as text', function (): void {
    $case = Notebook::case(Notebook::plant('<script>alert(1)</script>'));
    $text = (string) storyOf($case)->getContent();
    expect($text)->toContain('&lt;script&gt;', 'Nothing was counted yet.')->and(storyOf(999)->getStatusCode())->toBe(404);
    expect($text)->not->toContain('<script>');
});
