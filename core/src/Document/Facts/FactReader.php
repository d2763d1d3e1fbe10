<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

use Incastro\Core\Document\Model\Instrument;
use Incastro\Core\Document\Reading\Node;
use Incastro\Core\Measure\Length;

/** Reads the facts of a project that stand, oldest first; what is struck out stays in the document alone. */
final class FactReader
{
    /** @return list<Fact> */
    public static function standing(Node $root): array
    {
        $facts = $root->at('facts')->each(self::fact(...));
        ksort($facts);

        return array_values(array_filter($facts));
    }

    private static function fact(Node $node, string $id): ?Fact
    {
        $size = fn (Node $n, string $key): ?Length => $n->at($key)->optionalLength(Length::fromMillimetres(1), Length::fromMillimetres(20_000));
        $said = fn (Node $n, string $key, int $most): ?string => $n->at($key)->isMissing() ? null : $n->at($key)->text($most);
        $fact = match ($node->at('kind')->oneOf(FactKind::class)) {
            FactKind::Note => self::note($node, $id),
            FactKind::Unreached => new Unreached($id, $node->at('reading')->text(26), self::when($node)),
            FactKind::Photo => self::photo($node, $id),
            FactKind::Take => self::take($node, $id),
            FactKind::Bought => self::bought($node, $id),
            FactKind::Done => StepDone::read($node, $id, self::when($node)),
            FactKind::Begun => Begun::read($node, $id, self::when($node)),
            FactKind::Sawn => new Sawn($id, $node->at('begun')->text(26), $node->at('cut')->count(1, 10_000), self::when($node)),
            FactKind::Crosscut => Crosscut::read($node, $id, self::when($node)),
            FactKind::Remark => new Remark($id, $node->at('about')->text(200), $node->at('text')->text(500), self::when($node)),
            FactKind::Picture => new Picture($id, $node->at('about')->text(200), $node->at('photo')->text(26), $node->at('width')->count(1, 10_000),
                $node->at('height')->count(1, 10_000), $said($node, 'caption', 200), self::when($node),
                $node->at('mark')->isMissing() ? null : Mark::read($node->at('mark'))),
            FactKind::Choice => new ChoiceMade($id, $node->at('about')->text(200),
                $node->at('text')->text(300), $node->at('reason')->text(500), self::when($node)),
            FactKind::Verdict => new LaterVerdict($id, $node->at('of')->text(26), $node->at('good')->flag(), $said($node, 'text', 300), self::when($node)),
            FactKind::Mistake => new Mistake($id, $node->at('about')->text(200), $node->at('text')->text(300), $said($node, 'cause', 300),
                $node->at('minutes')->isMissing() ? null : $node->at('minutes')->count(0, 100_000), self::when($node)),
            FactKind::Hidden => HiddenThing::read($node, $id, self::when($node)),
            FactKind::Tin => new TinUsed($id, $node->at('piece')->text(26), $node->at('name')->text(120),
                $said($node, 'colour', 80), $said($node, 'sheen', 80), $said($node, 'batch', 80), self::when($node)),
            FactKind::Cared => new CareDone($id, $node->at('care')->text(200), self::when($node)),
            FactKind::HandedOver => new HandedOver($id, $said($node, 'to', 120), $said($node, 'text', 500), self::when($node)),
            FactKind::Checked => Checked::read($node, $id, self::when($node)),
            FactKind::AsBuilt => AsBuilt::read($node, $id, self::when($node)),
            FactKind::CutWrong => new CutWrong($id, $node->at('part')->text(160), $node->at('begun')->text(26),
                $said($node, 'cause', 300), self::when($node), $size($node, 'length'), $size($node, 'width')),
        };

        return $node->at('struck')->isMissing() || ! $node->at('struck')->flag() ? $fact : null;
    }

    private static function note(Node $node, string $id): ReadingNote
    {
        return new ReadingNote($id, $node->at('reading')->text(26), $node->at('text')->text(500), self::when($node));
    }

    private static function photo(Node $node, string $id): ReadingPhoto
    {
        return new ReadingPhoto($id, $node->at('reading')->text(26), $node->at('photo')->text(26),
            $node->at('width')->count(1, 10_000), $node->at('height')->count(1, 10_000),
            $node->at('caption')->isMissing() ? null : $node->at('caption')->text(200), self::when($node));
    }

    private static function take(Node $node, string $id): Take
    {
        $isAngle = $node->at('value')->isMissing() && ! $node->at('deg')->isMissing();

        return new Take(
            $id,
            $node->at('reading')->text(26),
            $isAngle ? null : $node->at('value')->length(),
            $isAngle ? $node->at('deg')->number(0.0, 180.0) : null,
            $node->at('typed')->text(60),
            $node->at('with')->optionalOf(Instrument::class),
            self::when($node),
            $node->at('z')->optionalLength(Length::zero(), Length::fromMillimetres(20_000)),
            $node->at('y')->optionalLength(Length::zero(), Length::fromMillimetres(20_000)),
        );
    }

    private static function bought(Node $node, string $id): Bought
    {
        return new Bought($id, $node->at('line')->text(200), $node->at('packs')->number(0.0, 100_000.0),
            $node->at('cents')->count(0, 1_000_000_000), self::when($node));
    }

    private static function when(Node $node): ?string
    {
        return $node->at('at')->isMissing() ? null : $node->at('at')->text(40);
    }
}
