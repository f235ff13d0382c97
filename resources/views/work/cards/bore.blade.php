<section class="bench-now" aria-label="The cut">
    <b class="num big">{{ $card->goal === '' ? 'size not known yet' : $card->goal }}</b>
    @if($card->left !== '')<p><span class="num">{{ $card->left }}</span> to go from the last cut</p>@endif
</section>
@if($mayWrite)
<form method="post" action="{{ $at }}/cuts" id="cut" class="bench-form" data-keep data-words="Cut">
    @csrf <x-ulid /><input type="hidden" name="operation" value="{{ $key }}"><input type="hidden" name="card" value="1">
    <label>Size after this cut<input id="cut-size" class="num" name="size" maxlength="20" autocomplete="off" autofocus></label>
    <label class="wide">Remark<input id="cut-remark" name="remark" maxlength="120" autocomplete="off"></label>
    <button class="button">Log the cut</button>
    <x-live-error id="cut" /><x-field-error name="size" />
</form>
@endif
@if($card->cuts !== [])
<table class="bench-table">
    <thead><tr><th scope="col">cut</th><th scope="col">size</th><th scope="col">remark</th></tr></thead>
    <tbody>
        @foreach($card->cuts as $cut)
            <tr><td>{{ $cut['number'] }}</td><td class="num">{{ $cut['size'] }}</td><td>{{ $cut['remark'] }}</td></tr>
        @endforeach
    </tbody>
</table>
@if($mayWrite)
<h2>It did not clean up</h2>
<form method="post" action="{{ $at }}/cuts/not-clean" id="not-clean" class="bench-form" data-keep data-words="Did not clean up">
    @csrf <x-ulid /><input type="hidden" name="operation" value="{{ $key }}"><input type="hidden" name="card" value="1">
    <label>What remains is so deep, on one
        side<input id="not-clean-depth" class="num" name="remaining" size="8" maxlength="20" autocomplete="off"></label>
    <label class="wide">Where<input id="not-clean-where" name="where" maxlength="80" autocomplete="off"></label>
    <button class="button plain">It needs more: look at the plan again</button>
    <x-live-error id="not-clean" /><x-field-error name="remaining" />
</form>
<p class="soft">
    It needs at least the bored size and twice what remains: the bore is judged anew, and the plan with it.
    <span class="rule-id">BORE-7</span> <span class="rule-id">PLAN-5</span>
</p>
@endif
@endif
