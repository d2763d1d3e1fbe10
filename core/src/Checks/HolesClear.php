<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Fastening\Bore;
use Incastro\Core\Assembly\Fastening\Clash;
use Incastro\Core\Assembly\Fastening\ClashKind;
use Incastro\Core\Cut\Machining\Spot;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Text;

/**
 * Holes that meet others, a recess or a board, leave their board or come out of it, after all that could be moved was moved. One finding
 * for each two boards.
 */
final class HolesClear implements HoldingCheck
{
    public function of(PlacedPiece $built, Assembly $assembly): array
    {
        $names = [];
        foreach ($built->fit->panels as $panel) {
            $names[$panel->id] = $panel->name;
        }
        $findings = [];
        foreach ($assembly->fastened($built->piece->id)->clashes as $clash) {
            $pair = [$clash->board->id, $clash->bore->with ?? '', $clash->other instanceof Bore ? $clash->other->with ?? '' : ''];
            sort($pair);
            $findings[$clash->kind->value.implode(' ', $pair)] ??= $this->finding($clash, $names);
        }

        return array_values($findings);
    }

    /** @param  array<string, Text>  $names  by part */
    private function finding(Clash $clash, array $names): Finding
    {
        $bore = $clash->bore;
        $spot = Spot::of($clash->board, $bore->at);
        $name = fn (?string $part): Text => $names[$part ?? ''] ?? $clash->board->name;
        $other = match (true) {
            $clash->other instanceof Bore => ['other' => Text::of("bore.{$clash->other->kind->value}"), 'beside' => $name($clash->other->with)],
            $clash->other instanceof TakenKind => ['other' => Text::of("taken.{$clash->other->value}")],
            $clash->other instanceof Panel => ['other' => $clash->other->name],
            default => [],
        };
        $code = "cut.{$clash->kind->value}";
        $thickness = $clash->board->block->size->{$bore->into->value};
        $says = Text::of($code, ...['part' => $clash->board->name, 'hole' => Text::of("bore.{$bore->kind->value}"), 'with' => $name($bore->with),
            'along' => $spot->along, 'end' => Text::of("board_end.$spot->end"), 'across' => $spot->across, 'edge' => Text::of("board_edge.$spot->edge"),
            'deep' => $bore->depth ?? $thickness, 'thickness' => $thickness] + $other);

        return new Finding($code, Severity::Look, new Place(WorkStage::Cut, $clash->board->id), $says, Text::of("$code.remedy"), Text::of('source.bores'),
            ...$clash->kind === ClashKind::Through ? [$bore->depth, $thickness] : []);
    }
}
