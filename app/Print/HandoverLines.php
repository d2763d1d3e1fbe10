<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;
use App\Words\Language;

/**
 * The record of the finished work in lines, one heading a subject; what nobody wrote down has no heading.
 *
 * @phpstan-import-type Handover from PlanShapes
 * @phpstan-import-type HandedPiece from PlanShapes
 * @phpstan-import-type HiddenRow from PlanShapes
 */
final readonly class HandoverLines
{
    private const CLOSED = ['paint' => 'painted', 'clear' => 'clear finish'];

    public function __construct(private Catalogue $words)
    {
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return array<string, list<string>>
     */
    public function of(array $plan): array
    {
        $handed = PlanReader::handover($plan);
        $date = fn (?string $at): string => $at === null ? '' : substr($at, 0, 10).': ';

        return array_filter([
            Language::say('What it is') => array_merge(...array_map($this->piece(...), $handed['pieces']), ...[[]]),
            Language::say('What it hides') => array_merge(...array_map($this->hidden(...), $handed['hidden']), ...[[]]),
            Language::say('Where it is screwed to the wall') => array_merge(...array_map($this->screws(...), $handed['pieces']), ...[[]]),
            Language::say('What is where') => array_map(fn (array $b): string => "{$b['piece']}, {$b['label']}: ".implode(', ', array_map(fn (array $t): string => ($t['count'] > 1 ? "{$t['count']} × " : '').$t['name'], $b['things'])), $handed['stored']),
            Language::say('What to look after') => array_map(fn (array $c): string => $this->words->renderPlain($c['text']).Language::say(', every {0} months', $c['months']).($c['due'] === null ? '' : Language::say(', next by {0}', $c['due'])), $handed['care']),
            Language::say('What was decided, and why') => array_map(fn (array $c): string => $date($c['at']).Language::say('{0} Because: {1}', $c['text'], $c['reason']).($c['verdict'] === null ? '' : Language::say(' Later: ').($c['verdict']['good'] ? Language::say(Language::say('it was right. ')) : Language::say(Language::say('better otherwise. '))).($c['verdict']['text'] ?? '')), $handed['choices']),
            Language::say('What went wrong') => array_map(fn (array $m): string => $date($m['at']).$m['text'].($m['cause'] === null ? '' : Language::say(' Cause: {0}', $m['cause'])), $handed['mistakes']),
            Language::say('How it comes apart again') => array_map(fn (array $a): string => $this->words->renderPlain($a['title']), PlanReader::apart($plan)),
        ]);
    }

    /**
     * @param  HandedPiece  $piece
     * @return list<string>
     */
    private function piece(array $piece): array
    {
        $size = implode(' × ', array_map(fn (string $axis): string => $this->words->lengthSaid($piece[$axis]), ['width', 'height', 'depth']));
        $said = implode(', ', array_filter([self::CLOSED[$piece['finish']] ?? Language::say('not finished'), $piece['finish'] === 'none' ? null : Language::say('{0} coats', $piece['coats']), $piece['colour'], $piece['sheen']]));
        $tins = array_map(fn (array $t): string => Language::say('  tin: ').implode(', ', array_unique(array_filter([$t['name'], $t['colour'], $t['sheen'], $t['batch'] === null ? null : Language::say('batch {0}', $t['batch']), $t['at'] === null ? null : substr($t['at'], 0, 10)]))), $piece['tins']);

        return [
            Language::say('{0}, {1}: wide × high × deep {2}, {3} parts, ', $piece['name'], $piece['space'], $size, $piece['parts']).Language::say('{0} empty', $this->words->amount($piece['kg'])),
            Language::say('  of ').implode(', ', $piece['materials']).($piece['glued'] ? Language::say('; glued') : Language::say('; not glued, it comes apart')),
            "  $said",
            ...$tins,
        ];
    }

    /**
     * @param  HandedPiece  $piece
     * @return list<string>
     */
    private function screws(array $piece): array
    {
        return array_map(fn (array $s): string => "{$piece['name']}, ".$this->words->renderPlain($s['part']).': '.$this->words->lengthSaid($s['x']).Language::say(' from the left, {0} high', $this->words->lengthSaid($s['z'])), $piece['wall_screws']);
    }

    /**
     * @param  HiddenRow  $row
     * @return list<string>
     */
    private function hidden(array $row): array
    {
        $name = $row['name'] === null ? 'something' : $this->words->renderPlain($row['name']);

        return array_map(fn (array $r): string => implode(': ', array_filter([$name, $r['text']])).
            implode('', array_map(fn (array $d): string => '; '.$this->words->lengthSaid($d['length']).Language::say(' from {0}', $d['from']), $r['distances'])), $row['records']);
    }
}
