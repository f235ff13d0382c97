@use('App\Words\Labels')
<h2>What the paperwork says</h2>
@if($view->claims === [])<p class="soft">No paperwork, or none that says what was done.</p>@else
<ul class="rows">
@foreach($view->claims as $claim)
<li class="row {{ $claim['state'] }}">
<form method="post" action="/jobs/{{ $file->job->tag() }}/receive/claims/match" id="claim-{{ $claim['id'] }}" data-keep>
    @csrf <x-ulid /><input type="hidden" name="claim" value="{{ $claim['id'] }}">
    <i class="sign" aria-hidden="true">{{ $claim['sign'] }}</i>
    <span class="what"><b>{{ ucfirst($claim['what']) }}</b>
        <span class="{{ ['good' => 'ok', 'out' => 'bad'][$claim['state']] ?? 'soft' }}">{{ $claim['match'] }}@if($claim['found'] !== ''),
                {{ $claim['found'] }}@endif</span></span>
    @if($mayWrite)<span class="keys">@if($claim['canBeJudged'])<button
                    name="match" value="agrees" aria-pressed="{{ $claim['match'] === 'agrees' ? 'true' : 'false' }}">
                    agrees
                </button><button name="match" value="differs" aria-pressed="{{ $claim['match'] === 'differs' ? 'true' : 'false' }}">
                    differs
                </button>@endif
            <button name="match" value="take back">take back</button></span>@endif
    <x-live-error :id="'claim-'.$claim['id']" />
</form>
</li>
@endforeach
</ul>
@endif
@if($mayWrite)
<form
    method="post" action="/jobs/{{ $file->job->tag() }}/receive/claims" id="new-claim" class="inline-fields" data-keep
    data-words="a line of the paperwork">
    @csrf <x-ulid />
    <div class="field">
        <label for="claim-kind">Work done</label>
        <select id="claim-kind" name="kind">
            @foreach(\NorthLedger\Core\Features\Receiving\ClaimKind::cases() as $kind)
                <option value="{{ $kind->value }}">{{ Labels::code($kind) }}</option>
            @endforeach
        </select>
    </div>
    <div class="field">
        <label for="claim-where">Where</label>
        <input id="claim-where" name="where" maxlength="80" autocomplete="off" placeholder="cylinder 2, deck">
    </div>
    <div class="field short">
        <label for="claim-count">How many</label>
        <input id="claim-count" name="count" class="num" inputmode="numeric" maxlength="3">
    </div>
    <div class="field short">
        <label for="claim-size">Size</label>
        <input
            id="claim-size" name="size" class="num" maxlength="40" autocomplete="off"
            placeholder="{{ $file->sheet->unit === \NorthLedger\Core\Quantity\LengthUnit::Inch ? '30 over' : '50 over' }}">
    </div>
    <button class="button plain">Add the line</button>
    <x-live-error id="new-claim" />
</form>
@endif
