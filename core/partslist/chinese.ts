/**
 * What Chinese sheets call parts, columns and colours, in the English words that the reader knows; from memory of the
 * trade’s terms (common practice). Simplified characters; the longest term that fits counts.
 */
const terms: Readonly<Record<string, string>> = {
  // Parts
  电阻: 'resistor',
  电阻器: 'resistor',
  色环电阻: 'resistor',
  金属膜电阻: 'metal film resistor',
  碳膜电阻: 'carbon film resistor',
  贴片电阻: 'chip resistor',
  水泥电阻: 'wirewound resistor',
  排阻: 'resistor network',
  光敏电阻: 'LDR',
  热敏电阻: 'thermistor',
  压敏电阻: 'varistor',
  可调电阻: 'trimmer',
  微调电阻: 'trimmer',
  电位器: 'potentiometer',
  电容: 'capacitor',
  电容器: 'capacitor',
  瓷片电容: 'ceramic capacitor',
  瓷介电容: 'ceramic capacitor',
  陶瓷电容: 'ceramic capacitor',
  独石电容: 'multilayer capacitor',
  贴片电容: 'chip capacitor',
  电解电容: 'electrolytic capacitor',
  涤纶电容: 'film capacitor',
  薄膜电容: 'film capacitor',
  钽电容: 'tantalum capacitor',
  二极管: 'diode',
  整流二极管: 'rectifier diode',
  稳压二极管: 'zener diode',
  稳压管: 'zener diode',
  肖特基二极管: 'schottky diode',
  发光二极管: 'LED',
  发光管: 'LED',
  红外发射管: 'infrared LED',
  三极管: 'transistor',
  晶体管: 'transistor',
  光敏三极管: 'phototransistor',
  场效应管: 'mosfet',
  集成电路: 'IC',
  集成块: 'IC',
  芯片: 'IC',
  单片机: 'microcontroller',
  芯片座: 'IC socket',
  IC座: 'IC socket',
  IC插座: 'IC socket',
  集成电路座: 'IC socket',
  光耦: 'optocoupler',
  桥堆: 'bridge rectifier',
  整流桥: 'bridge rectifier',
  三端稳压器: 'voltage regulator',
  稳压器: 'voltage regulator',
  晶振: 'crystal',
  电感: 'inductor',
  变压器: 'transformer',
  蜂鸣器: 'buzzer',
  有源蜂鸣器: 'active buzzer',
  无源蜂鸣器: 'passive buzzer',
  喇叭: 'speaker',
  扬声器: 'speaker',
  话筒: 'electret microphone',
  驻极体话筒: 'electret microphone',
  咪头: 'electret microphone',
  开关: 'switch',
  拨动开关: 'slide switch',
  自锁开关: 'latching switch',
  轻触开关: 'tactile switch',
  微动开关: 'tactile switch',
  按键: 'push button',
  按钮: 'push button',
  继电器: 'relay',
  保险丝: 'fuse',
  保险管: 'fuse',
  自恢复保险丝: 'resettable fuse',
  保险丝座: 'fuse holder',
  保险管座: 'fuse holder',
  保险丝夹: 'fuse clips',
  可控硅: 'thyristor',
  双向可控硅: 'triac',
  场效应: 'mosfet',
  磁珠: 'ferrite bead',
  干簧管: 'reed switch',
  拨码开关: 'DIP switch',
  钮子开关: 'toggle switch',
  船型开关: 'rocker switch',
  振动开关: 'vibration switch',
  震动开关: 'vibration switch',
  编码器: 'rotary encoder',
  红外接收头: 'infrared receiver',
  红外接收管: 'infrared phototransistor',
  双色发光二极管: 'two-colour LED',
  电机: 'motor',
  马达: 'motor',
  数码管: 'seven segment display',
  排针: 'pin header',
  排母: 'female header',
  接线端子: 'screw terminal',
  端子: 'screw terminal',
  插座: 'connector',
  DC插座: 'DC jack',
  电源插座: 'DC jack',
  DC电源插座: 'DC jack',
  耳机插座: 'audio jack',
  耳机座: 'audio jack',
  驻极话筒: 'electret microphone',
  天线: 'antenna',
  外壳: 'case',
  热缩管: 'heat shrink tube',
  杜邦线: 'jumper wire',
  鳄鱼夹: 'crocodile clip',
  电池盒: 'battery holder',
  电池扣: 'battery clip',
  电池座: 'battery holder',
  纽扣电池座: 'coin cell holder',
  电池: 'battery',
  导线: 'wire',
  电线: 'wire',
  跳线: 'wire jumper',
  线路板: 'circuit board',
  电路板: 'circuit board',
  PCB板: 'PCB',
  万能板: 'perfboard',
  洞洞板: 'perfboard',
  螺丝: 'screw',
  螺钉: 'screw',
  螺母: 'nut',
  铜柱: 'brass spacer',
  散热片: 'heat sink',
  // How it is made and fixed
  直插: 'through hole',
  贴片: 'smd',
  立式: 'vertical',
  卧式: 'horizontal',
  色环: 'axial',
  有源: 'active',
  无源: 'passive',
  共阳: 'common anode',
  共阴: 'common cathode',
  高亮: 'bright',
  雾状: 'diffused',
  透明: 'clear',
  圆头: 'round',
  双色: 'two-colour',
  英寸: 'inch',
  稳压: 'regulator',
  // Colours
  红色: 'red',
  红: 'red',
  绿色: 'green',
  绿: 'green',
  黄色: 'yellow',
  黄: 'yellow',
  蓝色: 'blue',
  蓝: 'blue',
  白色: 'white',
  白: 'white',
  橙色: 'orange',
  橙: 'orange',
  黑色: 'black',
  // Columns
  位号: 'designator',
  标号: 'designator',
  元件标号: 'designator',
  位置: 'designator',
  数量: 'quantity',
  用量: 'quantity',
  名称: 'description',
  品名: 'description',
  元件名称: 'description',
  元器件名称: 'description',
  规格: 'value',
  规格型号: 'value',
  型号: 'value',
  参数: 'value',
  阻值: 'value',
  容量: 'value',
  误差: 'tolerance',
  精度: 'tolerance',
  耐压: 'rated voltage',
  引脚数: 'pins',
  封装: 'package',
  备注: 'remarks',
  // Units
  欧姆: 'ohm',
  欧: 'ohm',
  微法: 'uF',
  皮法: 'pF',
  个: 'pcs',
  只: 'pcs',
  颗: 'pcs',
  根: 'pcs',
  块: 'pcs',
  脚: 'pin',
  节5号: 'x AA',
  节7号: 'x AAA',
};

const longestFirst = Object.keys(terms).sort((a, b) => b.length - a.length);
const known = new RegExp(longestFirst.join('|'), 'g');
const hasChinese = /\p{Script=Han}/u;
/** Letters, digits and signs as wide as a Chinese character. */
const wide = /[\uff01-\uff5e\u3000]/g;

/** Text with Chinese trade words as English ones and wide signs as usual ones; other text as it is. */
export const fromChinese = (text: string): string => {
  const narrow = text.replace(wide, (sign) => sign.normalize('NFKC'));
  return hasChinese.test(narrow)
    ? narrow
        .replace(known, (term) => ` ${terms[term]} `)
        .replace(/、/g, ',')
        .replace(/\s+/g, ' ')
        .trim()
    : narrow.replace(/、/g, ',');
};

/** Whether every Chinese word of a text is one of the trade. */
export const isTradeChinese = (text: string): boolean => !hasChinese.test(fromChinese(text));

/** Characters of trade words that print looks alike in with others (as readers of print mistake them). */
const alike = ['瓷资', '阻阳', '极板', '管营', '容客', '集隼', '电申'];

/**
 * The trade word that differs from a text in one character of several, by one that looks alike where there are more;
 * undefined where that leaves none, or several.
 */
export function nearestTerm(text: string): string | undefined {
  const near = longestFirst.flatMap((term) => {
    if (term.length < 3 || term.length !== text.length) return [];
    const differing = [...term].flatMap((sign, at) => (sign === text[at] ? [] : [sign + text[at]]));
    return differing.length === 1 ? [{ term, pair: differing[0] ?? '' }] : [];
  });
  const likely = near.filter(({ pair }) =>
    alike.some((set) => [...pair].every((one) => set.includes(one))),
  );
  const [only, ...more] = likely.length > 0 ? likely : near;
  return more.length === 0 ? only?.term : undefined;
}
