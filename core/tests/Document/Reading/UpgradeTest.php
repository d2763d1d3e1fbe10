<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Document\Reading;

use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Document\Reading\Upgrade;
use Incastro\Core\Planner;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Documents as older versions wrote them are kept here and read as ever. */
final class UpgradeTest extends TestCase
{
    public function test_a_version_1_document_keeps_its_shelves_and_its_back(): void
    {
        $old = json_decode((string) file_get_contents(__DIR__.'/../../fixtures/document-v1.json'), true, 64, JSON_THROW_ON_ERROR);
        self::assertSame(1, $old['version']);
        $project = ProjectReader::read($old);
        $piece = array_values($project->pieces)[0];
        self::assertSame('applied', $piece->methods->back->value);
        $bays = array_values(array_values($piece->main()->bands)[1]->bays);
        self::assertSame([FillKind::Shelves, FillKind::Shelves], array_map(fn ($b) => $b->fill->kind, $bays));
        self::assertSame([4, 3], array_map(fn ($b) => count($b->fill->shelves), $bays));
        self::assertSame(322.4, array_values($bays[0]->fill->shelves)[0]->clearBelow?->millimetres());
        self::assertSame(Planner::plan($old)->toJson(), Planner::plan(Upgrade::toCurrent($old))->toJson());
    }

    public function test_a_version_2_document_keeps_its_accepted_layout(): void
    {
        $place = ['part' => 'P', 'x' => 6, 'y' => 6, 'turned' => false];
        $old = [...Sample::e1(), 'version' => 2, 'layouts' => [Sample::PLY => ['sheets' => [[$place]]]]];
        self::assertSame([...Sample::e1(), 'layouts' => [Sample::PLY => ['sheets' => [['parts' => [$place]]]]]], Upgrade::toCurrent($old));
    }

    public function test_today_s_document_is_left_as_it_is(): void
    {
        self::assertSame(Sample::e1(), Upgrade::toCurrent(Sample::e1()));
    }
}
