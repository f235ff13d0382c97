<h2 id="blocks">{{ __('practice.block.list') }}</h2>
<p class="soft">{{ __('practice.block.how') }}</p>
<form method="post" action="/practice/blocks" class="practice-start">@csrf<x-ulid />
    <div class="field"><label for="family">Engine</label>
        <select id="family" name="family">
            @foreach($families as $family => $name)
                <option value="{{ $family }}" @selected(old('family') === $family)>{{ $name }}</option>
            @endforeach
        </select><x-field-error name="family" /></div>
    <div class="field"><label for="difficulty">How hard</label>
        <select id="difficulty" name="difficulty">
            @foreach(\NorthLedger\Core\Simulation\BlockDifficulty::cases() as $one)
                <option value="{{ $one->value }}" @selected(old('difficulty') === $one->value)>
                    {{ \App\Words\Line::ofCode('practice.difficulty', $one) }}
                </option>
            @endforeach
        </select></div>
    <div class="field"><label for="seed">{{ __('practice.block.seed') }}</label>
        <input id="seed" name="seed" value="{{ old('seed') }}" class="num" size="10" maxlength="7" inputmode="numeric" autocomplete="off">
        <x-field-error name="seed" /></div>
    <button class="button">{{ __('practice.block.start') }}</button>
</form>
@if($blocks !== [])
<ul class="topics">
@foreach($blocks as $block)
    <li><a href="{{ $block['address'] }}"><b>{{ $block['name'] }}</b></a> <span>{{ $block['difficulty'] }}</span>
        <span class="soft num">{{ $block['at'] }}</span> <span>{{ $block['points'] }}</span></li>
@endforeach
</ul>
@endif
@if($judges !== [])
<table class="ledger">
    <thead><tr><th scope="col">Name</th><th scope="col">Blocks judged</th><th scope="col">Points on average</th></tr></thead>
    <tbody>
    @foreach($judges as $judge)
        <tr><td>{{ $judge->name }}</td><td class="num">{{ $judge->blocks }}</td><td class="num">{{ $judge->points }}</td></tr>
    @endforeach
    </tbody>
</table>
@endif
