<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;

/** The record of the finished work as a file for whoever has no Incastro: every text is said, every length is in millimetres. */
final class HandoverJson
{
    /** @param  array<string, mixed>  $plan */
    public static function of(string $project, array $plan): string
    {
        $words = Catalogue::ofPlan($plan);
        $record = ['format' => 'incastro-record', 'version' => 1, 'project' => $project, 'lengths' => 'mm', 'apart' => array_map(fn (array $a): string => $words->renderPlain($a['title']), PlanReader::apart($plan))];

        return json_encode($record + (array) self::said(PlanReader::handover($plan), $words), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }

    private static function said(mixed $value, Catalogue $words): mixed
    {
        if (! is_array($value)) {
            return $value;
        }
        $keys = array_keys($value);

        return $keys === ['key', 'args'] ? $words->renderPlain($value) : array_map(fn (mixed $v): mixed => self::said($v, $words), $value);
    }
}
