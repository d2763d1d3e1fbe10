<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Checks;

use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every one-step cure offered in the demo house settles its finding and raises no other stop; nothing said there is in words nobody wrote. */
final class FixesTest extends TestCase
{
    /** @param  array<string, mixed>  $document */
    #[DataProvider('rooms')]
    public function test_each_cure_settles_its_finding_and_raises_no_other_stop(array $document): void
    {
        $findings = Planned::of($document)->plan['findings'];
        $stops = self::stops($findings);
        foreach ($findings as $finding) {
            if ($finding['fix'] === null) {
                continue;
            }
            $cured = Changes::apply($document, Change::read(['change_id' => Sample::id('CHG', 1), 'base_revision' => 1, 'ops' => $finding['fix']['ops']]))
                ->document;
            $after = Planned::of($cured)->plan['findings'];
            self::assertSame([], array_filter($after, fn (array $f): bool => $f['code'] === $finding['code'] && $f['place'] === $finding['place']),
                "{$finding['code']} is settled");
            self::assertSame([], array_values(array_diff(self::stops($after), $stops)), "{$finding['code']} raises no other");
        }
        self::assertSame([], array_diff(self::keys($findings), array_keys(self::words())), 'every sentence has its words');
    }

    /** @return iterable<string, array{array<string, mixed>}> the demo house as it is, and as one with children in an old rented house would see it, painted */
    public static function rooms(): iterable
    {
        foreach (Demo::documents() as $name => $document) {
            yield $name => [$document];
            $document['house'] = ['built' => 1931, 'children' => true, 'rented' => true, 'country' => 'uk'];
            foreach ($document['pieces'] as &$piece) {
                $piece['coats'] = 3;
            }
            yield "$name, a family’s" => [$document];
        }
    }

    /**
     * @param  list<array<string, mixed>>  $findings
     * @return list<string>
     */
    private static function stops(array $findings): array
    {
        return array_values(array_map(fn (array $f): string => $f['code'].' '.$f['place']['ref'],
            array_filter($findings, fn (array $f): bool => $f['severity'] === 'stop')));
    }

    /** @return list<string> */
    private static function keys(mixed $node): array
    {
        if (! is_array($node)) {
            return [];
        }
        $own = isset($node['key'], $node['args']) && is_string($node['key']) ? [$node['key']] : [];

        return array_merge($own, ...array_map(self::keys(...), array_values($node)));
    }

    /** @return array<string, string> */
    private static function words(): array
    {
        return Demo::words();
    }
}
