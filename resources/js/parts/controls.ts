// The styles of Mantine's controls, for every file that has some: the first screen has none. In a layer, so that they
// stay below our own whenever they come.
import '@mantine/core/styles/Paper.layer.css';
import '@mantine/core/styles/Popover.layer.css';
import '@mantine/core/styles/CloseButton.layer.css';
import '@mantine/core/styles/Group.layer.css';
import '@mantine/core/styles/Loader.layer.css';
import '@mantine/core/styles/Overlay.layer.css';
import '@mantine/core/styles/ModalBase.layer.css';
import '@mantine/core/styles/Modal.layer.css';
import '@mantine/core/styles/Input.layer.css';
import '@mantine/core/styles/InlineInput.layer.css';
import '@mantine/core/styles/SegmentedControl.layer.css';
import '@mantine/core/styles/Switch.layer.css';
import '@mantine/core/styles/Checkbox.layer.css';
import '@mantine/core/styles/Radio.layer.css';
import '@mantine/core/styles/NumberInput.layer.css';
import '@mantine/core/styles/ActionIcon.layer.css';
import './controls.css';
