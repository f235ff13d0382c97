/** Finds a rule on the Shop page: what does not hold every word that was typed is put away. */
export function startSettingSearch(field) {
    const settings = [...document.querySelectorAll('[data-setting]')];
    const groups = [...document.querySelectorAll('.setting-group')];
    const count = document.querySelector('[data-setting-count]');

    field.addEventListener('input', () => {
        const words = field.value.toLowerCase().split(/\s+/).filter(Boolean);
        for (const setting of settings) {
            const text = setting.dataset.setting.toLowerCase();
            setting.hidden = !words.every((word) => text.includes(word));
        }
        for (const group of groups) {
            group.hidden = [...group.querySelectorAll('[data-setting]')].every((one) => one.hidden);
        }
        const shown = settings.filter((one) => !one.hidden).length;
        count.textContent = words.length === 0 ? '' : `${shown} ${shown === 1 ? 'rule' : 'rules'}`;
    });
}
