<details
    class="machine-hours" @if($rules->saysSomethingOf($machine) || $errors->has("own.{$code}.*") || $errors->has("largest.{$code}")) open
    @endif>
    <summary>{{ ucfirst(\App\Load\LoadWords::unit($code)) }}</summary>
    <div class="inline-fields">
        <div class="field"><label for="units-{{ $code }}">How many, or people at it</label>
            <input
                id="units-{{ $code }}" name="units[{{ $code }}]" class="num" size="3" inputmode="numeric"
                value="{{ old('units.'.$code, $rules->unitsOf($machine)) }}">
            <x-field-error :name="'units.'.$code" /></div>
        @if($reach !== null)
        <div class="field"><label for="largest-{{ $code }}">{{ __('load.reach.'.$reach->value) }}</label>
            <input id="largest-{{ $code }}" name="largest[{{ $code }}]" class="num" size="10" maxlength="20" placeholder="any"
                value="{{ old('largest.'.$code, \App\Load\LoadWords::reach($rules->largest[$code] ?? null)) }}">
                <x-field-error :name="'largest.'.$code" />
            </div>
        @endif
        @foreach($rules->ownHours($machine) as $day => $hours)
        <div class="field"><label for="own-{{ $code }}-{{ $day }}">{{ __('load.day_name.'.$day) }}</label>
            <input id="own-{{ $code }}-{{ $day }}" name="own[{{ $code }}][{{ $day }}]"
                value="{{ old("own.{$code}.{$day}", $hours) }}" maxlength="80" size="14"
                placeholder="{{ isset($rules->own[$code]) ? 'closed' : 'as the shop' }}"><x-field-error :name="'own.'.$code.'.'.$day" />
            </div>
        @endforeach
    </div>
    <fieldset class="ticks"><legend>Who runs it; nobody ticked: whoever is there</legend>
    @foreach($people as $person)
        <label class="tick"><input type="checkbox" name="people[{{ $code }}][]" value="{{ $person->id }}"
            @checked(in_array($person->id, $rules->people[$code] ?? [], true))> <span>{{ $person->name }}</span></label>
    @endforeach
    </fieldset>
</details>
