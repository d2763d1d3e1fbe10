<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Checks\Rules;

use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Tests\Cut\Machining\Niche;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;

/** Short ways to build a whole document round the straight niche, and to ask what is found in it. */
trait Speaks
{
    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed> the finding
     */
    private static function told(string $code, array $document, string $why = ''): array
    {
        $plan = Planned::of($document);
        self::assertContains($code, $plan->codes(), $why);

        return $plan->finding($code);
    }

    /** @param  array<string, mixed>  $document */
    private static function silent(string $code, array $document, string $why = ''): void
    {
        self::assertNotContains($code, Planned::of($document)->codes(), $why);
    }

    /**
     * The document with the finding's one step made.
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $finding
     * @return array<string, mixed>
     */
    private static function cured(array $document, array $finding): array
    {
        return Changes::apply($document, Change::read(['change_id' => Sample::id('CHG', 1), 'base_revision' => 1, 'ops' => $finding['fix']['ops']]))->document;
    }

    /**
     * The straight niche, its bays holding these.
     *
     * @param  array<string, string>  $methods
     * @param  array<string, mixed>  ...$bays  each with its `fill`, and `width`, `door` where wanted
     * @return array<string, mixed>
     */
    private static function holding(array $methods, array ...$bays): array
    {
        $document = Niche::document($methods, array_map(fn (): array => [], $bays));
        foreach (array_values($bays) as $n => $bay) {
            $at = &self::bay($document, $n + 1);
            $at = ['order' => sprintf('%02d', $n), ...$bay];
        }

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function &bay(array &$document, int $n): array
    {
        return $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', $n)];
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $thing
     * @return array<string, mixed>
     */
    private static function with(array $document, array $thing, int $n = 1): array
    {
        $document['spaces'][Sample::SPACE]['things'][Sample::id('TH1NG', $n)] = ['order' => sprintf('%02d', $n),
            'face' => 'back', 'across' => 400, 'up' => 400, 'width' => 100, 'height' => 100, 'out' => 10, ...$thing];

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed> with studs found there in a framed wall
     */
    private static function studs(array $document, float ...$at): array
    {
        $studs = [];
        foreach ($at as $n => $x) {
            $studs[Sample::id('STVD', $n + 1)] = ['x' => $x];
        }
        $document['pieces'][Sample::PIECE]['back_material'] = Sample::BACK;
        $document['spaces'][Sample::SPACE]['build'] = ['wall' => 'wood_stud', 'lining' => 12.5, 'floor' => 'fixed', 'studs' => $studs];

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $thing
     * @return array<string, mixed>
     */
    private static function stored(array $document, array $thing, int $n = 1): array
    {
        $document['stored'][Sample::id('THNG', $n)] = ['name' => 'Box', 'order' => 'a',
            'width' => 200, 'depth' => 200, 'height' => 150, 'bay' => Sample::id('BAY', 1), ...$thing];

        return $document;
    }
}
