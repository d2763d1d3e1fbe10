<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Body;
use Incastro\Core\Assembly\BodyKind;
use Incastro\Core\Assembly\Clash;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;

/**
 * Two bodies in one place: pieces of one room in each other, boards of one piece, a board before a socket that is used through it. Over
 * 0.1 mm deep and 1 mm³, without what one was meant to be let into the other. One finding for two pieces, for the largest.
 */
final class StandApart
{
    /** @return list<Finding> */
    public function of(Assembly $assembly): array
    {
        $findings = [];
        foreach ($assembly->clashes as $clash) {
            $of = [$clash->first->piece, $clash->second->piece];
            sort($of);
            $key = $clash->isOfOnePiece() || self::reach($clash) !== null ? "{$clash->first->id} {$clash->second->id}" : implode(' ', $of);
            $findings[$key] ??= self::finding($clash);
        }

        return array_values($findings);
    }

    private static function finding(Clash $clash): Finding
    {
        [$a, $b] = [$clash->first, $clash->second];
        $box = $clash->room->box;
        $share = ['w' => FindingFactory::up($box[1] - $box[0]), 'd' => FindingFactory::up($box[3] - $box[2]), 'h' => FindingFactory::up($box[5] - $box[4])];
        $deep = FindingFactory::up($clash->room->depth);
        $place = new Place(WorkStage::Fit, $b->id);
        if (self::reach($clash) !== null) {
            [$thing, $part] = $a->kind === BodyKind::Reach ? [$a, $b] : [$b, $a];

            return FindingFactory::look('assembly.reach_blocked', new Place(WorkStage::Fit, $part->id), 'obstacles',
                ['part' => $part->name, 'thing' => $thing->name, 'deep' => $deep])->graded(Severity::Stop);
        }
        $moves = $a->kind === BodyKind::Mover || $b->kind === BodyKind::Mover;
        $says = $clash->isOfOnePiece()
            ? FindingFactory::look('assembly.boards_meet', $place, 'geometry', ['part' => $a->name, 'other' => $b->name, 'deep' => $deep])
            : FindingFactory::look('assembly.pieces_meet', $place, 'geometry', ['part' => $a->name, 'other' => $b->name,
                'piece' => $a->pieceName, 'second' => $b->pieceName] + $share);

        return $says->graded($moves ? Severity::Look : Severity::Stop)->measuring($deep, null);
    }

    private static function reach(Clash $clash): ?Body
    {
        return $clash->first->kind === BodyKind::Reach ? $clash->first : ($clash->second->kind === BodyKind::Reach ? $clash->second : null);
    }
}
