<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;
use App\Words\Language;

/**
 * What is done to the boards once they are cut: each face to scale with its holes, and the list they are marked by.
 *
 * @phpstan-import-type Part from PlanShapes
 * @phpstan-import-type Bench from PlanShapes
 * @phpstan-import-type BenchFace from PlanShapes
 * @phpstan-import-type BoreRow from PlanShapes
 */
final class BenchPdf
{
    private const WIDTHS = [8, 42, 14, 52, 28, 36];

    private const FOOT = 280.0;

    private float $y = 400.0;

    /** @var array<string, Part> by id */
    private readonly array $parts;

    /** @param  list<Part>  $parts */
    public function __construct(private readonly \TCPDF $pdf, private readonly Catalogue $words, private readonly string $title, array $parts)
    {
        $this->parts = array_column($parts, null, 'id');
    }

    /** @param  array<string, Bench>  $benches  by part */
    public function pages(array $benches): void
    {
        $alike = [];
        foreach ($this->parts as $id => $part) {
            if (isset($benches[$id])) {
                $alike[(string) preg_replace('/\d+$/', '', $part['label'])][] = $part;
            }
        }
        foreach ($alike as $parts) {
            $this->board($parts, $benches[$parts[0]['id']]);
        }
    }

    /**
     * @param  non-empty-list<Part>  $parts  alike
     * @param  Bench  $bench
     */
    private function board(array $parts, array $bench): void
    {
        $part = $parts[0];
        $mate = $this->parts[$part['mirror_of'] ?? ''] ?? null;
        $this->room(60);
        $this->line(implode(', ', array_column($parts, 'label')).' · '.$this->words->renderPlain($part['name']).($mate === null ? '' : Language::say(', mirror image of {0}', $mate['label'])), 'B', 10.5);
        $size = fn (array $of): string => $this->words->length($of['length']['mm']).' × '.$this->words->length($of['width']['mm']);
        $this->line($part['banded'] === []
            ? Language::say('{0} finished, {1} cut', $size($part['finished']), $size($part['cut']))
            : Language::say('{0} finished, {1} cut before banding {2}', $size($part['finished']), $size($part['cut']), implode(', ', array_map(Language::called(...), $part['banded']))), '', 8.5);
        $n = 1;
        foreach ($bench['faces'] as $face) {
            $n = $this->face($face, $part, $n);
        }
        foreach ($bench['edges'] as $edge) {
            $this->room(18);
            $this->line(Language::say('In the {0}', $this->words->say(($edge['is_end'] ? 'board_end' : 'board_edge').".{$edge['edge']}")), 'B', 8.5);
            $n = $this->rows($edge['rows'], $part, $n, $this->words->say(($edge['is_end'] ? 'board_edge' : 'board_end').".{$edge['from']}"), $this->words->say("board_face.{$edge['face']}"));
        }
        $this->y += 6;
    }

    /**
     * @param  BenchFace  $face
     * @param  Part  $part
     */
    private function face(array $face, array $part, int $n): int
    {
        $ratio = max($face['length'] / 150, $face['width'] / 60);
        $this->room($face['width'] / $ratio + 34);
        $this->line(ucfirst($this->words->say("board_face.{$face['face']}")).' up', 'B', 8.5);
        $this->picture($face, 30.0, $this->y + 4, $ratio, $n);
        $this->y += $face['width'] / $ratio + 12;
        $next = $this->rows($face['rows'], $part, $n, $this->words->say("board_end.{$face['sides']['left']}"), $this->words->say("board_edge.{$face['sides']['lower']}"));
        foreach ($face['recesses'] as $r) {
            $this->line(sprintf(Language::say('%s %s × %s, %s deep, from %s along and %s up'), $this->words->say("taken.{$r['kind']}"), ...array_map($this->words->length(...), [$r['length'], $r['width'], $r['depth'], $r['x'], $r['y']])), '', 8);
        }

        return $next;
    }

    /** @param  BenchFace  $face */
    private function picture(array $face, float $left, float $top, float $ratio, int $n): void
    {
        $at = fn (int|float $x, int|float $y): array => [$left + $x / $ratio, $top + ($face['width'] - $y) / $ratio];
        $this->pdf->SetLineStyle(['width' => 0.25, 'color' => [34, 38, 43], 'dash' => '0']);
        foreach ($face['loops'] as $loop) {
            $this->pdf->Polygon(array_merge(...array_map(fn (array $p): array => $at($p[0], $p[1]), $loop)), 'D');
        }
        foreach (array_filter($face['recesses'], fn (array $r): bool => $r['kind'] !== 'round_cut_out') as $r) {
            $this->pdf->Rect(...[...$at($r['x'], $r['y'] + $r['width']), $r['length'] / $ratio, $r['width'] / $ratio, 'D']);
        }
        foreach ($face['round'] as $r) {
            $this->pdf->Ellipse(...[...$at($r['x'] + $r['length'] / 2, $r['y'] + $r['width'] / 2), $r['length'] / 2 / $ratio, $r['width'] / 2 / $ratio]);
        }
        foreach ($face['rows'] as $i => $row) {
            foreach ($row['slots'] as $r) {
                $this->pdf->RoundedRect(...[...$at($r['x'], $r['y'] + $r['width']), $r['length'] / $ratio, $r['width'] / $ratio, min($r['length'], $r['width']) / $ratio / 2]);
            }
            foreach ($row['slots'] === [] ? $row['along'] : [] as $x) {
                foreach ($row['across'] as $y) {
                    $this->pdf->Circle(...[...$at($x, $y), max(0.5, $row['diameter'] / 2 / $ratio)]);
                }
            }
            [$x, $y] = $at($row['along'][0], $row['across'][0]);
            $this->words($x - 6, $y - 3.6 < $top ? $y + 0.5 : $y - 3.6, (string) ($n + $i), 'B', 6);
        }
        [$right, $bottom] = $at($face['length'], 0);
        $this->words($left - 16, $bottom - $face['width'] / $ratio / 2 - 2, $this->words->say("board_end.{$face['sides']['left']}"), '', 7);
        $this->words($right + 2, $bottom - $face['width'] / $ratio / 2 - 2, $this->words->say("board_end.{$face['sides']['right']}"), '', 7);
        $this->words(($left + $right) / 2 - 8, $top - 4, $this->words->say("board_edge.{$face['sides']['upper']}"), '', 7);
        $this->words(($left + $right) / 2 - 8, $bottom + 0.5, $this->words->say("board_edge.{$face['sides']['lower']}"), '', 7);
    }

    /**
     * @param  list<BoreRow>  $rows
     * @param  Part  $part
     * @return int the number after the last row's
     */
    private function rows(array $rows, array $part, int $n, string $end, string $edge): int
    {
        if ($rows !== []) {
            $this->cells(['', Language::say('hole'), Language::say('deep'), Language::say('from the {0}', $end), Language::say('from the {0}', $edge), Language::say('for')], 'B', 1);
        }
        foreach ($rows as $row) {
            $list = fn (array $numbers): string => implode(' · ', array_map($this->words->length(...), $numbers));
            $pocket = $row['kind'] === 'pocket';
            $for = implode(', ', array_map(fn (string $id): string => $this->parts[$id]['label'] ?? '', $row['with']));
            $this->cells([(string) $n++, ucfirst($this->words->say("bore.{$row['kind']}")).($pocket ? Language::say(', jig at {0}', $this->words->length($part['thickness'])) : ' '.$this->words->length($row['diameter'])),
                $pocket ? '' : ($row['depth'] === null ? Language::say('through') : $this->words->length($row['depth'])), $list($row['along']), $list($row['across']),
                $for.($row['screw'] === null ? '' : Language::say(', screw {0}', $this->words->length($row['screw'])))], '', (int) max(1, ceil(mb_strlen($list($row['along'])) / 42)));
        }

        return $n;
    }

    /** @param  list<string>  $cells */
    private function cells(array $cells, string $style, int $lines): void
    {
        $this->room(5 * $lines);
        $this->pdf->SetFont('dejavusanscondensed', $style, 7.5);
        $x = 15.0;
        foreach (self::WIDTHS as $i => $width) {
            $this->pdf->MultiCell($width, 5 * $lines, $cells[$i], 'B', 'L', false, 0, $x, $this->y, true, 0, false, true, 5 * $lines, 'M', true);
            $x += $width;
        }
        $this->y += 5 * $lines;
    }

    private function words(float $x, float $y, string $text, string $style, float $size): void
    {
        $this->pdf->SetFont('dejavusanscondensed', $style, $size);
        $this->pdf->SetXY($x, $y);
        $this->pdf->Cell(16, 3.5, $text, 0, 0, 'L', false, '', 1);
    }

    private function line(string $text, string $style, float $size): void
    {
        $this->room(6);
        $this->pdf->SetFont('dejavusanscondensed', $style, $size);
        $this->pdf->SetXY(15, $this->y);
        $this->pdf->Cell(180, 5, $text, 0, 0, 'L', false, '', 1);
        $this->y += 5.5;
    }

    /** A new page where so much finds no room on this one. */
    private function room(float $height): void
    {
        if ($this->y + $height <= self::FOOT) {
            return;
        }
        $this->pdf->AddPage('P');
        Page::heading($this->pdf, Language::say('At the bench'), Language::say('{0} · distances from the end at the left and the lower edge, of the banded board · all sizes in {1}', $this->title, $this->words->unitName()));
        $this->y = 34.0;
    }
}
