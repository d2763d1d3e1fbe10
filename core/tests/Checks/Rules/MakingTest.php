<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Checks\Rules;

use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** What goes wrong every time: a document that fails, one moved that passes, and the limit itself. The carcass is 1000 from 5, its one bay 964. */
final class MakingTest extends TestCase
{
    use Speaks;

    /** An appliance of 600 in a bay: fixed by its sides, 15 on each side reach, 15.5 do not. */
    public function test_an_appliance_fixed_to_what_nobody_built_there(): void
    {
        $oven = fn (float $bay, string $by): array => self::holding([], ['width' => ['by' => 'fixed', 'value' => $bay],
            'fill' => ['kind' => 'appliance', 'width' => 600, 'height' => 600, 'depth' => 300, 'fixes_to' => $by]], ['fill' => ['kind' => 'open']]);
        $finding = self::told('piece.appliance_unfixed', $oven(631, 'side'));
        self::assertSame([15.5, 15], [$finding['measured'], $finding['limit']]);
        self::silent('piece.appliance_unfixed', $oven(630, 'side'), 'exactly within reach');
        self::told('piece.appliance_unfixed', $oven(631, 'face'));
        self::silent('piece.appliance_unfixed', $oven(631, 'nothing'));
        self::told('piece.appliance_unfixed', $oven(630, 'top'), 'its top is far under the board over it');
        $own = $oven(631, 'side');
        $own['limits'] = ['piece.appliance_unfixed' => 15.5];
        self::silent('piece.appliance_unfixed', $own, 'its manual says how far it reaches');
    }

    public function test_a_box_that_does_not_go_through_the_door(): void
    {
        $through = function (float $wide, float $high): array {
            $document = self::holding([], ['fill' => ['kind' => 'shelves', 'shelves' => []]]);
            $document['way_in'] = [Sample::id('WAY', 1) => ['order' => 'a', 'kind' => 'door', 'name' => 'Back door', 'width' => $wide, 'height' => $high]];

            return $document;
        };
        $finding = self::told('fit.way_narrow', $through(340, 2000));
        self::assertSame('Back door', $finding['says']['args']['way']['name']);
        self::silent('fit.way_narrow', $through(760, 2000));
        // 350 deep, and lower than 2400 as it stands.
        $passes = array_map(fn (float $wide): bool => ! in_array('fit.way_narrow', Planned::of($through($wide, 2400))->codes(), true), [349.8, 350.0]);
        self::assertSame([false, true], $passes, 'exactly 350 goes');
    }

    /** A false back 100 before the wall closes off the screws at the studs behind it; one at the very edge of it is still seen. */
    public function test_screws_behind_what_goes_on_after_them(): void
    {
        $hidden = fn (float ...$studs): array => self::studs(self::holding(['back' => 'applied'],
            ['width' => ['by' => 'fixed', 'value' => 400], 'fill' => ['kind' => 'hidden', 'where' => 'behind', 'depth' => 100]],
            ['fill' => ['kind' => 'open']]), ...$studs);
        $finding = self::told('fit.fixing_sealed', $hidden(200, 700));
        // Two in each stud: with one behind each nailer it would turn on one.
        self::assertSame([2, 4], [$finding['says']['args']['n']['count'], $finding['says']['args']['of']['count']]);
        self::silent('fit.fixing_sealed', $hidden(600, 800), 'both studs behind the open bay');
        // The bay is from 23 to 423, its nailer's last screw 15 before that.
        self::told('fit.fixing_sealed', $hidden(408, 700));
        self::silent('fit.fixing_sealed', $hidden(408.1, 700), 'no screw goes in there');
    }

    /** Fixed shelves on pocket screws: a bay of 250 takes a driver. */
    public function test_a_board_too_short_to_drive_its_second_end(): void
    {
        $shelf = [Sample::id('SH', 1) => ['order' => 'a']];
        $narrow = fn (float $wide): array => self::holding(['joint' => 'pocket_screws'],
            ['width' => ['by' => 'fixed', 'value' => $wide], 'fill' => ['kind' => 'shelves', 'shelves' => $shelf]], ['fill' => ['kind' => 'open']]);
        $finding = self::told('cut.driver_no_room', $narrow(249.9));
        self::assertSame([249.9, 250], [$finding['measured'], $finding['limit']]);
        self::silent('cut.driver_no_room', $narrow(250));
        $dowels = $narrow(200);
        $dowels['methods']['joint'] = 'dowels';
        self::silent('cut.driver_no_room', $dowels);
    }

    public function test_a_screw_where_no_hand_goes(): void
    {
        $slot = fn (float $wide,
            float $stud): array => self::studs(self::holding(['back' => 'applied'],
                ['width' => ['by' => 'fixed', 'value' => $wide], 'fill' => ['kind' => 'open']],
                ['fill' => ['kind' => 'open']]), $stud, 700);
        self::assertSame(89.9, self::told('fit.screw_out_of_reach', $slot(89.9, 60))['measured']);
        self::silent('fit.screw_out_of_reach', $slot(90, 60), 'exactly a hand');
        self::silent('fit.screw_out_of_reach', $slot(89.9, 500), 'its stud is elsewhere');
    }

    public function test_studs_and_lines_are_written_down_before_they_are_covered(): void
    {
        $document = self::holding(['back' => 'applied'], ['fill' => ['kind' => 'open']]);
        self::told('site.studs_unrecorded', self::studs($document));
        self::silent('site.studs_unrecorded', self::studs($document, 400));
        $doubtful = self::studs($document, 400);
        $doubtful['spaces'][Sample::SPACE]['build']['studs'][Sample::id('STVD', 1)]['doubtful'] = true;
        self::told('site.studs_unrecorded', $doubtful, 'one in doubt is none');
        $masonry = self::studs($document);
        $masonry['spaces'][Sample::SPACE]['build']['wall'] = 'masonry';
        self::silent('site.studs_unrecorded', $masonry, 'there is none');

        $pipe = ['kind' => 'pipe', 'out' => 20, 'height' => 500, 'width' => 22, 'treatment' => 'notch'];
        self::told('site.hidden_unrecorded', self::with(self::studs($document, 400), $pipe));
        self::silent('site.hidden_unrecorded', self::with(self::studs($document, 400), ['note' => 'Heating, shut off in the cellar', ...$pipe]));
        self::silent('site.hidden_unrecorded', self::with(self::studs($document, 400), ['across' => 1004, ...$pipe]), 'it stands beside the back');
        self::told('site.hidden_unrecorded', self::with(self::studs($document, 400), ['across' => 1001, ...$pipe]), 'a millimetre of it behind the back');
    }

    public function test_a_part_from_the_last_sheet_is_tried_dry_first(): void
    {
        $limited = function (int $sheets, float $height): array {
            $document = self::holding([], ['fill' => ['kind' => 'open']]);
            $document['pieces'][Sample::PIECE]['height'] = $height;
            $document['stock'][Sample::PLY]['limit'] = $sheets;

            return $document;
        };
        $needs = count(Planned::of($limited(50, 2300))->plan['cut'][0]['sheets']);
        self::told('cut.one_chance', $limited($needs, 2300));
        self::silent('cut.one_chance', $limited($needs + 1, 2300), 'a whole sheet is left');
        $free = $limited(1, 2300);
        unset($free['stock'][Sample::PLY]['limit']);
        self::silent('cut.one_chance', $free, 'the shop has more');
    }

    /**
     * The mullion's foot is at 138, its pockets reach 51.9 up it; a nosing of 40 hangs 22 under a shelf that lies `clear` over 118: free of
     * them from 93.9 on.
     */
    public function test_a_pocket_where_a_nosing_is_glued(): void
    {
        $frame = fn (float $clear): array => self::holding(['front' => 'face_frame'],
            ['fill' => ['kind' => 'shelves', 'nosing' => 40, 'shelves' => [Sample::id('SH', 1) => ['order' => 'a', 'clear_below' => $clear]]]],
            ['fill' => ['kind' => 'open']]);
        self::assertSame('part.nosing', self::told('cut.pocket_under_trim', $frame(93))['says']['args']['strip']['text']['key']);
        self::silent('cut.pocket_under_trim', $frame(94));
        self::silent('cut.pocket_under_trim', $frame(500));
        $bare = $frame(60);
        self::bay($bare, 1)['fill']['nosing'] = 0;
        self::silent('cut.pocket_under_trim', $bare, 'nothing is glued there');
    }
}
