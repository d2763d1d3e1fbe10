<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use PHPUnit\Framework\TestCase;

/** Choices of the schemas are those of the core's enums: neither knows one that the other does not. */
final class SchemasTest extends TestCase
{
    /** Words that sections write themselves, and parts of an enum. A word more or less shows here. */
    private const OWN = [
        'document.WallBuild.anchor_figure' => ['ultimate', 'working'],
        'plan.Scribe.held' => [null, 'part', 'straightedge'],
        'plan.FittedEdge.kind' => [null, 'extended_stile', 'filler', 'play', 'scribed', 'scribed_side', 'trim'],
        'plan.Part.grain' => ['free', 'length'],
        'plan.Cut.kind' => ['crosscut', 'rip'],
        'plan.Cut.axis' => ['x', 'y'],
        'plan.MaterialPlan.status' => ['feasible', 'optimal'],
        'plan.LumberPlan.status' => ['feasible', 'optimal'],
        'plan.Stroke.kind' => ['caption', 'dimension', 'leader', 'level', 'line', 'mark', 'reading', 'ribbon', 'shape', 'thing'],
        'plan.Drawing.view' => ['axon', 'front', 'side', 'top'],
        'plan.ReadingForm.asks' => ['along_back', 'along_side', 'from_z', 'run', 'x', 'y', 'z'],
        'plan.Moves.how' => ['slide', 'turn'],
        'plan.Moves.about' => ['x', 'z'],
        'plan.Snap.by.by' => ['below', 'share', 'stud'],
        'plan.Template.lines.layer' => ['blank', 'cut', 'outline', 'station', 'straight'],
        'plan.Motion.view' => ['side', 'top'],
        'plan.Yield.what' => ['leftover', 'part', 'piece', 'trim'],
        'plan.ShopPlan.cuts.axis' => ['x', 'y'],
        'plan.BoreRow.kind' => ['clearance', 'dowel', 'hinge_cup', 'hinge_plate', 'pilot', 'pin', 'pocket', 'spare_pin'],
        'plan.Fix.ops.op' => ['add', 'remove', 'set'],
    ];

    public function test_every_choice_of_the_schemas_is_an_enum_of_the_core_or_a_listed_part_of_one(): void
    {
        $enums = self::enums();
        $unknown = [];
        foreach (['document', 'plan'] as $name) {
            $schema = Demo::json("schema/$name.schema.json");
            foreach (self::choices($schema, $name) as $at => $choices) {
                sort($choices);
                if (! in_array($choices, $enums, true) && (self::OWN[$at] ?? null) !== $choices) {
                    $unknown[$at] = implode(' ', $choices);
                }
            }
        }
        self::assertSame([], $unknown);
    }

    /** @return list<list<string>> the values of each, sorted */
    private static function enums(): array
    {
        $enums = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(__DIR__.'/../src', \FilesystemIterator::SKIP_DOTS)) as $file) {
            $class = 'Incastro\\Core\\'.str_replace('/', '\\', substr((string) $file, strlen(__DIR__.'/../src/'), -4));
            if (preg_match('/^enum \w+: string/m', (string) file_get_contents((string) $file)) === 1) {
                $values = array_column($class::cases(), 'value');
                sort($values);
                $enums[] = $values;
            }
        }

        return $enums;
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @return iterable<string, list<string>>
     */
    private static function choices(array $node, string $at): iterable
    {
        if (is_array($node['enum'] ?? null)) {
            yield $at => $node['enum'];
        }
        foreach ($node as $key => $inner) {
            if (is_array($inner) && $key !== 'enum') {
                yield from self::choices($inner,
                    in_array($key, ['properties', 'definitions', 'items', 'anyOf', 'oneOf', 'additionalProperties'], true) || is_int($key) ? $at : "$at.$key");
            }
        }
    }
}
