@extends('layouts.house')
@section('title', 'Shop')
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head"><h1>Shop rules and prices</h1><span>policy revision {{ $policy->revision }}</span></div>
    @if(session('note'))<p class="note" role="status">{{ session('note') }}</p>@endif
    <form method="post" action="/shop" class="fields mt-3">
        @csrf
        <fieldset class="field"><legend class="label">What the shop wins first when it recommends a size</legend>
            @foreach(\NorthLedger\Core\Policy\Preference::cases() as $one)<label class="tick"><input type="radio" name="preference" value="{{ $one->value }}" @checked(old('preference', $policy->preference->value) === $one->value)>{{ $one->value }}: {{ $one->explanation() }}</label><br>@endforeach</fieldset>
        <fieldset class="field"><legend class="label">Order of work</legend>
            @foreach(\NorthLedger\Core\Policy\OrderOfWork::cases() as $one)<label class="tick"><input type="radio" name="order_of_work" value="{{ $one->value }}" @checked(old('order_of_work', $policy->orderOfWork->value) === $one->value)>{{ $one->value }}: {{ $one->explanation() }}</label><br>@endforeach</fieldset>
        @foreach(['incoming' => 'Judging under doubt as engines come in', 'final' => 'Judging under doubt when finished work is verified'] as $when => $legend)
        <fieldset class="field"><legend class="label">{{ $legend }} <span class="rule-id">GAUGE-6</span></legend>
            @foreach(\NorthLedger\Core\Gauging\DecisionRule::cases() as $one)<label class="tick"><input type="radio" name="decision_rule[{{ $when }}]" value="{{ $one->value }}" @checked(old("decision_rule.$when", $document['decision_rule'][$when]) === $one->value)>{{ $one->value }}: {{ $one->explanation() }}</label><br>@endforeach</fieldset>
        @endforeach
        <fieldset class="field"><legend class="label">The gauge goes back on its master <span class="rule-id">GAUGE-3</span></legend>
            <div class="grid grid-cols-2 gap-3 sm:grid-cols-4">@foreach(['readings' => 'after so many readings', 'minutes' => 'or so many minutes'] as $name => $label)<div><label for="check-{{ $name }}">{{ $label }}</label><input id="check-{{ $name }}" name="check_back[{{ $name }}]" class="num" inputmode="numeric" value="{{ old("check_back.$name", $document['check_back'][$name]) }}"><x-field-error :name="'check_back.'.$name" /></div>@endforeach</div></fieldset>
        <fieldset class="field"><legend class="label">Verifying one’s own work</legend>
            @foreach(['warned' => 'It is allowed, and the signer is told.', 'forbidden' => 'A second person must verify before anything is signed.'] as $word => $explanation)<label class="tick"><input type="radio" name="own_work" value="{{ $word }}" @checked(old('own_work', $document['own_work']) === $word)>{{ $word }}: {{ $explanation }}</label><br>@endforeach</fieldset>
        <fieldset class="field"><legend class="label">How long dye penetrant stays on</legend>
            @foreach(\NorthLedger\Core\Cracks\DwellSchool::cases() as $one)<label class="tick"><input type="radio" name="crack_dwell" value="{{ $one->value }}" @checked(old('crack_dwell', $policy->crackDwell->value) === $one->value)>{{ $one->value }}: {{ $one->explanation() }}</label><br>@endforeach</fieldset>
        <fieldset class="field"><legend class="label">Where in its range a journal is ground to <span class="rule-id">JRNL-4</span></legend>
            @foreach(\NorthLedger\Core\Policy\GrindAim::cases() as $one)<label class="tick"><input type="radio" name="grind_aim" value="{{ $one->value }}" @checked(old('grind_aim', $policy->grindAim->value) === $one->value)>{{ $one->value }}: {{ $one->explanation() }}</label><br>@endforeach</fieldset>
        <fieldset class="field"><legend class="label">A journal polished like a mirror <span class="rule-id">JRNL-7</span></legend>
            @foreach(\NorthLedger\Core\Policy\MirrorFinish::cases() as $one)<label class="tick"><input type="radio" name="mirror_finish" value="{{ $one->value }}" @checked(old('mirror_finish', $policy->mirrorFinish->value) === $one->value)>{{ $one->value }}: {{ $one->explanation() }}</label><br>@endforeach</fieldset>
        <fieldset class="field"><legend class="label">Pitting that a bore may keep <span class="rule-id">BORE-6</span></legend>
            @foreach(\NorthLedger\Core\Judgement\PittingClass::cases() as $one)<label class="tick"><input type="radio" name="allowed_pitting_class" value="{{ $one->value }}" @checked((int) old('allowed_pitting_class', $policy->allowedPittingClass) === $one->value)>up to {{ $one->label() }}</label><br>@endforeach</fieldset>
        @foreach(['parts_in' => 'inches', 'parts_mm' => 'millimetres'] as $group => $unit)
        <fieldset class="field"><legend class="label">Beside the bores, in {{ $unit }}</legend>
            <div class="grid grid-cols-2 gap-3 sm:grid-cols-3">@foreach($parts as $name => $label)<div><label for="{{ $group }}-{{ $name }}">{{ $label }}</label><input id="{{ $group }}-{{ $name }}" name="{{ $group }}[{{ $name }}]" class="num" inputmode="decimal" value="{{ old("$group.$name", $document[$group][$name]) }}"><x-field-error :name="$group.'.'.$name" /></div>@endforeach</div></fieldset>
        @endforeach
        <fieldset class="field"><legend class="label">Prices: setup and block once, the rest for each cylinder</legend>
            <div class="grid grid-cols-2 gap-3 sm:grid-cols-4">@foreach($prices as $name)<div><label for="price-{{ $name }}">{{ $name }}</label><input id="price-{{ $name }}" name="price[{{ $name }}]" class="num" inputmode="decimal" value="{{ old("price.$name", $amounts[$name]) }}"><x-field-error :name="'price.'.$name" /></div>@endforeach</div></fieldset>
        <fieldset class="field"><legend class="label">Machine minutes: setup once, the rest for each cylinder</legend>
            <div class="grid grid-cols-2 gap-3 sm:grid-cols-4">@foreach($minutes as $name)<div><label for="minutes-{{ $name }}">{{ $name }}</label><input id="minutes-{{ $name }}" name="minutes[{{ $name }}]" class="num" inputmode="numeric" value="{{ old("minutes.$name", $document['prices'][$name.'_minutes']) }}"><x-field-error :name="'minutes.'.$name" /></div>@endforeach</div></fieldset>
        <div><button class="button">Save as a new revision</button></div>
    </form>
    <h2>Revisions</h2>
    @if($history->revisions === [])<p class="soft">The rules stand as they ship.</p>@endif
    @foreach($history->revisions as $revision)
    <p class="line"><b>Revision {{ $revision['number'] }}</b>, {{ $revision['who'] }}, {{ $revision['at'] }}<br>@foreach($revision['changes'] as $change)<span class="num">{{ $change }}</span><br>@endforeach</p>
    @endforeach
</main></div>
@endsection
