<?php

declare(strict_types=1);

use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Planner;
use Incastro\Core\Queries\EntrySearch;
use Incastro\Core\Queries\MethodComparison;
use Incastro\Core\Queries\ReworkProposal;
use Incastro\Core\Queries\Starters;
use Incastro\Core\Tests\AnyDocument;
use Incastro\Core\Tests\Design\AnyPiece;
use Incastro\Core\Tests\Replanning;

/** Documents whose plans are known, by name, each with what makes the JSON of its plan, or of what is asked outside it. */
final class KnownPlans
{
    private const RANDOM = 120;

    /** @return iterable<string, Closure(): string> */
    public static function all(): iterable
    {
        $demo = [];
        foreach (glob(__DIR__.'/../../database/demo/*.json') ?: [] as $file) {
            $demo[basename($file, '.json')] = json_decode((string) file_get_contents($file), true, 512, JSON_THROW_ON_ERROR);
        }
        foreach ($demo as $name => $document) {
            yield "demo $name" => fn (): string => Planner::plan($document)->toJson();
            yield "asked $name" => fn (): string => self::asked($document);
        }
        yield from self::starters($demo);
        for ($i = 1; $i <= self::RANDOM; $i++) {
            yield sprintf('random %03d', $i) => fn (): string => Planner::plan(self::random($i))->toJson();
        }
    }

    /**
     * @param  array<string, array<array-key, mixed>>  $demo
     * @return iterable<string, Closure(): string>
     */
    private static function starters(array $demo): iterable
    {
        $rooms = array_keys($demo);
        foreach (array_keys(Starters::all()) as $nth => $key) {
            for ($i = 0; $i < 3; $i++) {
                $room = $rooms[($nth * 3 + $i * 7) % count($rooms)];
                yield "ready-made $key in $room" => fn (): string => Planner::plan(self::begun($demo[$room], $key))->toJson();
            }
        }
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function begun(array $document, string $key): array
    {
        $n = 0;
        $newId = function () use (&$n): string {
            return sprintf('01JP%022d', ++$n);
        };
        $space = (string) array_key_first((array) $document['spaces']);

        return Changes::apply($document, Change::of(array_map(fn (array $op): array => $op + ['value' => null], Starters::fitted($document, $key, $space, $newId))))->document;
    }

    /** @return array<array-key, mixed> */
    private static function random(int $i): array
    {
        mt_srand($i);

        return match ($i % 4) {
            0 => AnyDocument::survey(),
            1 => AnyDocument::document(),
            default => (new AnyPiece(7919 * $i))->document(),
        };
    }

    /** @param  array<array-key, mixed>  $document */
    private static function asked(array $document): string
    {
        $asked = ['rework' => ReworkProposal::propose(Replanning::begun($document, 1, 0.4))];
        foreach (array_keys((array) $document['pieces']) as $piece) {
            $asked['in'][$piece] = EntrySearch::of($document, (string) $piece);
            $asked['methods'][$piece] = MethodComparison::of($document, (string) $piece);
        }

        return json_encode($asked, JSON_THROW_ON_ERROR);
    }

    /** @return list<string> where two plans differ */
    public static function differences(mixed $was, mixed $is, string $at = ''): array
    {
        if (! is_array($was) || ! is_array($is)) {
            return $was === $is ? [] : [$at.': '.self::short($was).' → '.self::short($is)];
        }
        $differences = [];
        foreach (array_keys($was + $is) as $key) {
            array_push($differences, ...self::differences($was[$key] ?? null, $is[$key] ?? null, "$at/$key"));
        }

        return $differences ?: ($was === $is ? [] : ["$at: another order"]);
    }

    private static function short(mixed $value): string
    {
        return mb_strimwidth(json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), 0, 120, '…');
    }
}
