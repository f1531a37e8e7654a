<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\Remote\RemoteWebElement;
use IdleMixer\Core\Tests\Support\Leaves\Camera;
use IdleMixer\Core\Tests\Support\Leaves\Made;
use IdleMixer\Core\Tests\Support\Leaves\Painter;

/** A made photograph of one leaf on white, taken lying on its side, as telephones do. */
final class Photograph
{
    /**
     * Puts it into a field of the screen.
     *
     * @param string $field  where files go, as CSS
     * @param string $injury what hurts the leaf
     * @param float  $share  of it that is hurt, 0 to 1
     */
    public static function into(Screen $screen, string $field, string $injury, float $share): void
    {
        [$picture] = (new Painter($made = new Made(5, 'ovate', 'green', $injury, $share, ['petiole'], 'even', 'white', ['turned'], 90)))->paint();
        $file = sys_get_temp_dir() . '/leaf-' . getmypid() . "-{$injury}.jpg";
        file_put_contents($file, Camera::take($picture, $made));
        $input = $screen->all($field)[0];
        assert($input instanceof RemoteWebElement);
        $input->setFileDetector(new LocalFileDetector())->sendKeys($file);
        // The browser may read it from where it lies, in its own time.
        register_shutdown_function(static fn(): bool => is_file($file) && unlink($file));
    }
}
